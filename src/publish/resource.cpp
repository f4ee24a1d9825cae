#include "publish/resource.h"

#include <QFile>

#include "publish/colours.h"

static void load_publish_resources() { Q_INIT_RESOURCE(publish); }

namespace anagraph::publish {

std::string resource(const char* name) {
    load_publish_resources();
    QFile file(QStringLiteral(":/publish/") + QString::fromLatin1(name));
    return file.open(QIODevice::ReadOnly) ? file.readAll().toStdString() : std::string();
}

std::string template_text(const char* name) { return with_colours(resource(name)); }

}  // namespace anagraph::publish
