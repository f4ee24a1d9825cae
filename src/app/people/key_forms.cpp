#include "app/people/key_forms.h"

#include <QApplication>
#include <QCoreApplication>
#include <QDir>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QPushButton>
#include <QStandardPaths>
#include <set>

#include "app/theme/form.h"
#include "core/edition/post.h"
#include "store/destination.h"
#include "store/files.h"

namespace anagraph::app::key_forms {

using theme::text;

namespace {

/// So that what collects words for translation finds them under one name.
struct KeyFormsWords {
    Q_DECLARE_TR_FUNCTIONS(KeyFormsWords)
};

QString key_folder() { return QStandardPaths::writableLocation(QStandardPaths::HomeLocation); }

/// A field for a file with a button that looks for one.
QLineEdit* file_line(Form& form, const QString& label, const QString& now, const QString& what) {
    auto* row = new QWidget(&form);
    auto* across = new QHBoxLayout(row);
    across->setContentsMargins(0, 0, 0, 0);
    auto* field = new QLineEdit(now, row);
    field->setAccessibleName(QString(label).remove(QLatin1Char('&')));
    auto* look = new QPushButton(KeyFormsWords::tr("Choose…"), row);
    look->setAutoDefault(false);
    look->setAccessibleName(KeyFormsWords::tr("Choose: %1").arg(field->accessibleName()));
    QObject::connect(look, &QPushButton::clicked, &form, [&form, field, what] {
        const QString file = QFileDialog::getOpenFileName(&form, what, field->text().isEmpty() ? key_folder() : field->text());
        if (!file.isEmpty()) field->setText(file);
    });
    across->addWidget(field, 1);
    across->addWidget(look);
    form.rows().addRow(label, row);
    return field;
}

/// The keys being stretched takes a second; the pointer says so.
QString opened(KeyRing& ring, const QLineEdit* file, const QLineEdit* passphrase) {
    QApplication::setOverrideCursor(Qt::WaitCursor);
    const QString trouble = ring.open(file->text().trimmed(), passphrase->text());
    QApplication::restoreOverrideCursor();
    return trouble;
}

bool record(Session& session, const core::Entry& entry) {
    const auto done = session.library().record({entry}, session.author().toStdString());
    if (!done) session.tell(text(done.error().message));
    return done.has_value();
}

}  // namespace

bool ask_post(Session& session, QWidget* parent) {
    Form form(KeyFormsWords::tr("Who sits here"), parent);
    form.words(KeyFormsWords::tr("Every change, comment and check carries this post. It is kept on this desk until you change it."));
    auto* post =
        form.line(KeyFormsWords::tr("&Post"), session.author().toStdString(), KeyFormsWords::tr("author, checker, instructor pump bay"));
    post->selectAll();
    if (!form.ask([post] {
            return core::post_of(post->text().toStdString()).empty() ? KeyFormsWords::tr("Say who sits here, by post.") : QString();
        }))
        return false;
    session.set_author(text(core::post_of(post->text().toStdString())));
    return true;
}

std::optional<shop::Signing> ask_signing(Session& session, KeyRing& ring, const QString& checker, QWidget* parent) {
    const QString author = session.author();
    struct Asked {
        QString post;
        QLineEdit* file = nullptr;
        QLineEdit* passphrase = nullptr;
    };
    std::vector<Asked> asked;
    Form form(KeyFormsWords::tr("Sign the edition"), parent, 620);
    form.words(
        KeyFormsWords::tr("Author and checker vouch for the edition with their keys. A passphrase is asked for once, and not kept."));
    for (const auto& [role, post] : {std::pair(KeyFormsWords::tr("author"), author), std::pair(KeyFormsWords::tr("checker"), checker)}) {
        if (ring.key_of(post) != nullptr) continue;
        Asked a{post, nullptr, nullptr};
        a.file = file_line(form, KeyFormsWords::tr("Key of the %1").arg(post), KeyRing::file_of(post),
            KeyFormsWords::tr("The key file of the %1").arg(role));
        a.passphrase = form.secret(KeyFormsWords::tr("Passphrase of the %1").arg(post));
        asked.push_back(a);
    }
    const auto check = [&]() -> QString {
        for (const auto& a : asked) {
            if (ring.key_of(a.post) != nullptr) continue;
            if (a.file->text().trimmed().isEmpty()) return KeyFormsWords::tr("Choose the key file of the %1.").arg(a.post);
            if (a.passphrase->text().isEmpty()) return KeyFormsWords::tr("Type the passphrase of the %1.").arg(a.post);
            if (const QString trouble = opened(ring, a.file, a.passphrase); !trouble.isEmpty()) return trouble;
            if (ring.key_of(a.post) == nullptr)
                return KeyFormsWords::tr("That file holds the key of another post than the %1.").arg(a.post);
        }
        return {};
    };
    if (!asked.empty()) {
        asked.front().passphrase->setFocus();
        if (!form.ask(check)) return std::nullopt;
    }
    return shop::Signing{*ring.key_of(author), *ring.key_of(checker)};
}

const store::SigningKey* ask_key(KeyRing& ring, const QString& post, QWidget* parent) {
    if (const auto* key = ring.key_of(post)) return key;
    Form form(KeyFormsWords::tr("Key of the %1").arg(post), parent, 620);
    auto* file = file_line(form, KeyFormsWords::tr("Key &file"), KeyRing::file_of(post), KeyFormsWords::tr("The key file"));
    auto* passphrase = form.secret(KeyFormsWords::tr("P&assphrase"));
    passphrase->setFocus();
    if (!form.ask([&]() -> QString {
            if (const QString trouble = opened(ring, file, passphrase); !trouble.isEmpty()) return trouble;
            return ring.key_of(post) == nullptr ? KeyFormsWords::tr("That file holds the key of another post.") : QString();
        }))
        return nullptr;
    return ring.key_of(post);
}

bool make_key(Session& session, KeyRing& ring, QWidget* parent) {
    Form form(KeyFormsWords::tr("Make a key"), parent, 620);
    form.words(KeyFormsWords::tr(
        "The key file stays with its post, outside the library. Without file and passphrase nobody can sign in its name; lost ones "
        "cannot be brought back, only ended and replaced."));
    auto* post = form.line(KeyFormsWords::tr("&Post"), session.author().toStdString(), KeyFormsWords::tr("author, checker"));
    auto* file =
        form.line(KeyFormsWords::tr("Key &file"), QDir(key_folder()).filePath(session.author() + QStringLiteral(".key")).toStdString(), {});
    auto* first = form.secret(KeyFormsWords::tr("P&assphrase"));
    auto* again = form.secret(KeyFormsWords::tr("&Again"));
    core::Result<store::SigningKey> key = core::fail(core::ErrorCode::Cancelled, core::Words());
    const auto check = [&]() -> QString {
        if (first->text().isEmpty()) return KeyFormsWords::tr("Type a passphrase.");
        if (first->text() != again->text()) return KeyFormsWords::tr("The two passphrases are not the same.");
        const std::string path = file->text().trimmed().toStdString();
        auto place = store::Destination::file(path);
        if (!place) return text(place.error().message);
        auto open_place = store::Destination::file(path + ".pub");
        if (!open_place) return text(open_place.error().message);
        key = store::SigningKey::make(post->text().toStdString());
        if (!key) return text(key.error().message);
        const auto sealed = key->sealed(first->text().toStdString());
        if (!sealed) return text(sealed.error().message);
        for (const auto& [content, at] : {std::pair(*sealed, &*place), std::pair(key->public_text(), &*open_place)}) {
            if (auto written = store::write_file(at->work(), content); !written) return text(written.error().message);
            if (auto put = at->commit(); !put) return text(put.error().message);
        }
        KeyRing::remember(text(key->post()), text(path));
        (void)ring.open(text(path), first->text());
        return {};
    };
    if (!form.ask(check)) return false;
    if (!record(session, core::KeyRegistered{key->post(), key->key()})) return false;
    session.tell(
        KeyFormsWords::tr("The key of the %1 is made and registered. From now on editions are signed by their author and their checker.")
            .arg(text(key->post())));
    return true;
}

bool register_key(Session& session, QWidget* parent) {
    Form form(KeyFormsWords::tr("Register a key"), parent, 620);
    form.words(KeyFormsWords::tr("The public part of a key that was made elsewhere: the file that ends in .pub."));
    auto* file = file_line(form, KeyFormsWords::tr("&File"), {}, KeyFormsWords::tr("A public key"));
    core::Result<store::PublicKey> key = core::fail(core::ErrorCode::Cancelled, core::Words());
    const auto check = [&]() -> QString {
        const auto read = store::read_file(file->text().trimmed().toStdString(), 64 << 10);
        if (!read) return text(read.error().message);
        key = store::public_key(*read);
        return key ? QString() : text(key.error().message);
    };
    if (!form.ask(check) || !record(session, core::KeyRegistered{key->post, key->key})) return false;
    session.tell(KeyFormsWords::tr("The key of the %1 is registered.").arg(text(key->post)));
    return true;
}

bool end_key(Session& session, QWidget* parent) {
    const auto records = session.library().records();
    if (!records) {
        session.tell(text(records.error().message));
        return false;
    }
    QStringList posts;
    for (const auto& k : records->keys())
        if (k.holds()) posts << text(k.post);
    if (posts.isEmpty()) {
        session.tell(KeyFormsWords::tr("No key is registered."));
        return false;
    }
    Form form(KeyFormsWords::tr("End a key"), parent, 560);
    form.words(KeyFormsWords::tr("What it signed before stays good. It signs nothing from now on."));
    auto* post = form.choice(KeyFormsWords::tr("&Key of"), posts);
    auto* because = form.line(KeyFormsWords::tr("&Why"), "", KeyFormsWords::tr("lost, stolen, the post has ended"));
    if (!form.ask([because] { return because->text().trimmed().isEmpty() ? KeyFormsWords::tr("Say why it ends.") : QString(); }))
        return false;
    return record(session, core::KeyEnded{post->currentText().toStdString(), words_of(because)});
}

}  // namespace anagraph::app::key_forms
