// What is asked about people and keys: who sits here, a new key, a key registered or ended, the two keys that sign an edition.
#pragma once

#include <QWidget>
#include <optional>

#include "app/people/key_ring.h"
#include "app/session/session.h"
#include "shop/issue.h"

namespace anagraph::app::key_forms {

/// Who sits here, by post. False: it was called off.
bool ask_post(Session& session, QWidget* parent);

/// The keys of the author and of the post that checked, opened; passphrases are asked for only where a key is not open yet.
std::optional<shop::Signing> ask_signing(Session& session, KeyRing& ring, const QString& checker, QWidget* parent);

/// The key of a post, opened; file and passphrase are asked for where it is not open yet. Null: it was called off.
const store::SigningKey* ask_key(KeyRing& ring, const QString& post, QWidget* parent);

/// Each is recorded where it is answered. True: something was.
bool make_key(Session& session, KeyRing& ring, QWidget* parent);
bool register_key(Session& session, QWidget* parent);
bool end_key(Session& session, QWidget* parent);

}  // namespace anagraph::app::key_forms
