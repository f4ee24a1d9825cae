#include "app/people/key_ring.h"

#include <QCoreApplication>

#include "app/running/settings.h"
#include "app/theme/theme.h"
#include "store/files.h"

namespace anagraph::app {

namespace {

constexpr qint64 kFirstWait = 1000;  // after a wrong passphrase, in ms
constexpr qint64 kMostWait = 60000;
constexpr std::int64_t kMostKeyFile = 64 << 10;  // bytes

/// So that what collects words for translation finds them under one name.
struct KeyRingWords {
    Q_DECLARE_TR_FUNCTIONS(KeyRingWords)
};

QString place_of(const QString& post) { return QStringLiteral("key-file/") + post.simplified().toLower(); }

}  // namespace

const store::SigningKey* KeyRing::key_of(const QString& post) const {
    const auto it = keys_.find(post.simplified().toLower());
    return it == keys_.end() ? nullptr : &it->second;
}

QString KeyRing::open(const QString& file, const QString& passphrase) {
    if (wait_ms_ > 0 && since_wrong_.elapsed() < wait_ms_)
        return KeyRingWords::tr("The last passphrase was wrong; try again in %1 s.").arg((wait_ms_ - since_wrong_.elapsed()) / 1000 + 1);
    const auto text = store::read_file(file.toStdString(), kMostKeyFile);
    if (!text) return theme::text(text.error().message);
    auto key = store::SigningKey::open(*text, passphrase.toStdString());
    if (!key) {
        if (key.error().code == core::ErrorCode::Refused) {
            wait_ms_ = wait_ms_ == 0 ? kFirstWait : std::min(kMostWait, wait_ms_ * 2);
            since_wrong_.start();
        }
        return theme::text(key.error().message);
    }
    wait_ms_ = 0;
    const QString post = theme::text(key->post());
    remember(post, file);
    keys_.insert_or_assign(post.simplified().toLower(), std::move(*key));
    return {};
}

QString KeyRing::file_of(const QString& post) {
    return Settings().value(place_of(post)).toString();
}

void KeyRing::remember(const QString& post, const QString& file) {
    Settings().setValue(place_of(post), file);
}

}  // namespace anagraph::app
