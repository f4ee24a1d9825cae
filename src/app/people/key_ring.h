// KeyRing: the keys that were opened with their passphrases since the program was started. Passphrases are not kept.
#pragma once

#include <QElapsedTimer>
#include <QString>
#include <map>
#include <optional>

#include "store/signing_key.h"

namespace anagraph::app {

class KeyRing {
public:
    /// The opened key of a post; null: it was not opened yet.
    const store::SigningKey* key_of(const QString& post) const;
    /// Opens a key file. After a wrong passphrase the next try has to wait, twice as long each time. The sentence that says what is
    /// wrong, or an empty one. Takes about a second.
    QString open(const QString& file, const QString& passphrase);
    /// Where the key file of a post was last; kept with the desktop user.
    static QString file_of(const QString& post);
    static void remember(const QString& post, const QString& file);

private:
    std::map<QString, store::SigningKey> keys_;
    QElapsedTimer since_wrong_;
    qint64 wait_ms_ = 0;
};

}  // namespace anagraph::app
