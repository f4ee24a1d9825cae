#include "app/company/backing_up.h"

#include <chrono>

#include "app/running/settings.h"
#include "app/session/session.h"
#include "app/theme/theme.h"
#include "store/digest.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr std::chrono::seconds kDueFirst{40};  // the window and what goes along come before it
constexpr std::chrono::hours kDue{6};

std::chrono::sys_days today() { return std::chrono::floor<std::chrono::days>(std::chrono::system_clock::now()); }

}  // namespace

BackingUp::BackingUp(Session& session) : QObject(&session), session_(session) {
    connect(&look_timer_, &QTimer::timeout, this, &BackingUp::look);
    look_timer_.start(kDueFirst);
}

QString BackingUp::setting(const char* name) const {
    return QStringLiteral("backup/%1/%2").arg(text(store::sha256(session_.home()).substr(0, 12)), QLatin1String(name));
}

BackupWish BackingUp::wish() const {
    const Settings settings;
    return {settings.value(setting("folder")).toString(), std::max(1, settings.value(setting("every"), BackupWish().every).toInt())};
}

void BackingUp::set_wish(const BackupWish& wish) {
    Settings settings;
    settings.setValue(setting("folder"), wish.folder);
    settings.setValue(setting("every"), wish.every);
}

std::vector<store::Backup> BackingUp::there() const { return store::backups_in(wish().folder.toStdString(), session_.home()); }

void BackingUp::make() {
    work_.run([library = session_.home(), folder = wish().folder.toStdString()](
                  const GoOn& go_on) { return store::back_up(library, folder, today(), go_on); },
        [this](const core::Result<store::Backup>& backup) {
            if (backup)
                emit made();
            else
                emit failed(text(backup.error().message));
        });
}

void BackingUp::look() {
    look_timer_.start(kDue);
    const auto now = wish();
    if (now.folder.isEmpty() || session_.is_away() || work_.busy() || !store::is_backup_due(there(), today(), now.every)) return;
    if (!store::is_there(now.folder.toStdString()))
        return say_once_a_day(tr("A backup of this library is due, and %1 is not there. It is made once it is.").arg(now.folder));
    connect(this, &BackingUp::failed, this, &BackingUp::say_once_a_day, Qt::UniqueConnection);
    make();
}

void BackingUp::say_once_a_day(const QString& sentence) {
    Settings settings;
    const QString day = QDate::currentDate().toString(Qt::ISODate);
    if (settings.value(setting("said")).toString() == day) return;
    settings.setValue(setting("said"), day);
    session_.tell(sentence);
}

}  // namespace anagraph::app
