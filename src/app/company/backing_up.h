// BackingUp: the library's backups, by a person's wish (store/backups.h): made beside the window when one is due, and when it is asked for.
// What was wished is a setting of this computer, for each library its own. One for the whole program.
#pragma once

#include <QDate>
#include <QObject>
#include <QTimer>

#include "app/work/work.h"
#include "store/backups.h"

namespace anagraph::app {

class Session;

struct BackupWish {
    QString folder;  // empty: none is made
    int every = 7;   // days
};

class BackingUp : public QObject {
    Q_OBJECT
public:
    explicit BackingUp(Session& session);
    BackupWish wish() const;
    void set_wish(const BackupWish& wish);
    std::vector<store::Backup> there() const;
    /// Makes one now.
    void make();
    void stop() { work_.cancel(); }
    Work& work() { return work_; }
    /// Makes one where it is due; where it cannot be made, says so once a day and no more.
    void look();

signals:
    void made();
    void failed(const QString& why);

private:
    QString setting(const char* name) const;
    void say_once_a_day(const QString& sentence);

    Session& session_;
    Work work_{this};
    QTimer look_timer_;
};

}  // namespace anagraph::app
