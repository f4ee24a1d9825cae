#include "publish/notices.h"

#include <fmt/format.h>

#include <QDateTime>
#include <QString>
#include <kainjow/mustache.hpp>

#include "core/base/icalendar.h"
#include "publish/resource.h"
#include "store/digest.h"

namespace anagraph::publish {

using kainjow::mustache::data;

namespace {

constexpr int kDaysToRead = 7;

}  // namespace

std::string notices_page(const std::vector<Notice>& notices) {
    data list{data::type::list};
    for (const auto& n : notices) {
        data d;
        d.set("headline", n.headline);
        d.set("learner", n.learner);
        d.set("guide", n.guide);
        d.set("withdrawn", n.withdrawn.empty() ? data{data::type::bool_false} : data{n.withdrawn});
        data lines{data::type::list};
        for (const auto& c : n.changed) {
            data line;
            line.set("sentence", c.sentence);
            lines << line;
        }
        d.set("lines", lines);
        d.set("todo", n.todo);
        list << d;
    }
    data all;
    all.set("title", "Notices");
    all.set("notices", list);
    kainjow::mustache::mustache form(template_text("notices.html"));
    return form.render(all);
}

std::string notices_text(const std::vector<Notice>& notices) {
    std::string out;
    for (const auto& n : notices) {
        if (!out.empty()) out += "\n----------------------------------------\n\n";
        out += fmt::format("To: {}\nSubject: {}: {}\n\n", n.learner, n.guide, n.headline);
        if (!n.withdrawn.empty()) out += fmt::format("WITHDRAWN: {}\n\n", n.withdrawn);
        for (const auto& c : n.changed) out += fmt::format("- {}\n", c.sentence);
        out += fmt::format("{}{}\n", n.changed.empty() ? "" : "\n", n.todo);
    }
    return out;
}

std::string notices_calendar(const std::vector<Notice>& notices, const std::string& now) {
    const auto stamp = QDateTime::fromString(QString::fromStdString(now), Qt::ISODate).toUTC();
    const std::string made = stamp.toString(QStringLiteral("yyyyMMdd'T'HHmmss'Z'")).toStdString();
    const std::string due = stamp.addDays(kDaysToRead).toString(QStringLiteral("yyyyMMdd")).toStdString();
    std::string out = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Anagraph//Notices//EN\r\n";
    for (const auto& n : notices) {
        std::string words = n.withdrawn.empty() ? "" : "Withdrawn: " + n.withdrawn + "\n";
        for (const auto& c : n.changed) words += c.sentence + "\n";
        out += "BEGIN:VTODO\r\n";
        // the same notice is the same thing to do
        out += core::calendar_line("UID", store::sha256(n.learner + "\n" + n.guide + "\n" + n.headline).substr(0, 32) + "@anagraph");
        out += "DTSTAMP:" + made + "\r\nDUE;VALUE=DATE:" + due + "\r\n";
        out += core::calendar_line("SUMMARY", fmt::format("{}: {} ({})", n.learner, n.headline, n.guide));
        out += core::calendar_line("DESCRIPTION", words + n.todo);
        out += "END:VTODO\r\n";
    }
    return out + "END:VCALENDAR\r\n";
}

}  // namespace anagraph::publish
