#include "publish/course.h"

#include <fmt/format.h>

#include <kainjow/mustache.hpp>

#include "core/learner/check_answers.h"
#include "publish/pack.h"
#include "publish/plate_svg.h"
#include "publish/resource.h"

namespace anagraph::publish {
namespace {

using core::Edition;
using kainjow::mustache::data;

std::string title_of(const Edition& e) {
    return fmt::format("{} {}, edition {}", e.procedure.header.machine, e.procedure.header.title, e.number);
}

/// An identifier that XML takes as a name (NCName).
std::string xml_name(const Edition& e) {
    std::string out = fmt::format("guide-{}-{}", e.procedure.header.number, e.number);
    for (char& c : out)
        if (std::isalnum(static_cast<unsigned char>(c)) == 0 && c != '-' && c != '_') c = '_';
    return out;
}

std::string scorm_manifest(const Edition& e, const std::vector<std::string>& files) {
    std::string out = fmt::format(
        R"(<?xml version="1.0" encoding="UTF-8"?>
<manifest identifier="{0}" version="1.0" xmlns="http://www.imsproject.org/xsd/imscp_rootv1p1p2" xmlns:adlcp="http://www.adlnet.org/xsd/adlcp_rootv1p2">
<metadata><schema>ADL SCORM</schema><schemaversion>1.2</schemaversion></metadata>
<organizations default="course"><organization identifier="course"><title>{1}</title>
<item identifier="item" identifierref="guide" isvisible="true"><title>{1}</title><adlcp:masteryscore>{2}</adlcp:masteryscore></item>
</organization></organizations>
<resources><resource identifier="guide" type="webcontent" adlcp:scormtype="sco" href="launch.html">
)",
        xml_name(e), escaped(title_of(e)), static_cast<int>(core::kPassShare * 100 + 0.5));
    for (const auto& f : files) out += fmt::format("<file href=\"{}\"/>\n", escaped(f));
    return out + "</resource></resources>\n</manifest>\n";
}

/// A name for the edition that is the same wherever it is played (RFC 4122: urn:uuid), from its SHA-256. `what` tells course and unit
/// apart.
std::string urn(const std::string& sha256, char what) {
    return fmt::format("urn:uuid:{}-{}-8{}-a{}-{}{}", sha256.substr(0, 8), sha256.substr(8, 4), sha256.substr(12, 3), sha256.substr(15, 3),
        sha256.substr(18, 11), what);
}

std::string cmi5_structure(const Edition& e, const std::string& sha256) {
    const std::string language = e.procedure.header.language.empty() ? "en" : e.procedure.header.language;
    const auto text = [&](const char* tag, const std::string& words) {
        return fmt::format("<{0}><langstring lang=\"{1}\">{2}</langstring></{0}>", tag, language, escaped(words));
    };
    const std::string title = text("title", title_of(e)) + text("description", e.procedure.header.number + ": " + title_of(e));
    return fmt::format(
        R"(<?xml version="1.0" encoding="UTF-8"?>
<courseStructure xmlns="https://w3id.org/xapi/profiles/cmi5/v1/CourseStructure.xsd">
<course id="{}">{}</course>
<au id="{}" moveOn="Passed" masteryScore="{}" launchMethod="AnyWindow">{}<url>launch.html</url></au>
</courseStructure>
)",
        urn(sha256, '0'), title, urn(sha256, '1'), core::kPassShare, title);
}

std::string launch_page(const Edition& e, const std::string& mark, CourseForm form) {
    data d;
    d.set("machine", e.procedure.header.machine);
    d.set("title", e.procedure.header.title);
    d.set("edition", std::to_string(e.number));
    d.set("mark", mark);
    d.set("pass", fmt::format("{}", core::kPassShare));
    // the record store of cmi5 may be anywhere
    d.set("reach", form == CourseForm::Cmi5 ? "http: https:" : "'none'");
    kainjow::mustache::mustache page(template_text("course/launch.html"));
    return page.render(d);
}

}  // namespace

std::vector<store::ArchiveEntry> course_files(
    const Edition& edition, const std::string& sha256, CourseForm form, const std::vector<std::string>& names_of_pack) {
    std::vector<store::ArchiveEntry> out{{"launch.html", "", launch_page(edition, edition_mark(edition, sha256), form)},
        {"launch.css", "", template_text("course/launch.css")}, {"launch.js", "", template_text("course/launch.js")},
        {"platform.js", "", template_text(form == CourseForm::Scorm12 ? "course/scorm12.js" : "course/cmi5.js")}};
    std::vector<std::string> names;
    for (const auto& entry : out) names.push_back(entry.name);
    for (const auto& name : names_of_pack) names.push_back(kCoursePack + name);
    if (form == CourseForm::Scorm12)
        out.insert(out.begin(), {"imsmanifest.xml", "", scorm_manifest(edition, names)});
    else
        out.insert(out.begin(), {"cmi5.xml", "", cmi5_structure(edition, sha256)});
    return out;
}

}  // namespace anagraph::publish
