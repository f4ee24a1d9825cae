#include "app/figures/page_reader.h"

#include "app/theme/theme.h"
#include "app/work/work.h"
#include "store/objects/object_cache.h"

namespace anagraph::app {

using theme::text;

namespace {

struct Drawn {
    core::Result<paper::Document> document;
    core::Result<QImage> image;
};

}  // namespace

PageReader::PageReader(QObject* parent) : QObject(parent) { connect(&work_, &Work::busy_changed, this, &PageReader::busy_changed); }

int PageReader::last_page(const std::string& path) const {
    const auto it = last_page_.find(path);
    return it == last_page_.end() ? 1 : it->second;
}

void PageReader::show_page(const std::string& path, int page, bool read) {
    if (document_ && document_->path == path && page_ == page && !image_.isNull() && !busy()) {
        emit page_shown();
        if (read) read_page();
        return;
    }
    words_.clear();
    work_.run(
        [path, page](const GoOn& go_on) {
            const auto here = store::make_here(path, go_on);
            auto document = here ? paper::open_document(path) : core::Result<paper::Document>(tl::make_unexpected(here.error()));
            core::Result<QImage> image =
                document ? paper::page_image(*document, page, go_on) : core::Result<QImage>(tl::make_unexpected(document.error()));
            return Drawn{std::move(document), std::move(image)};
        },
        [this, path, page, read](const Drawn& drawn) {
            if (!drawn.image) {
                emit failed(text(drawn.image.error().message));
                return;
            }
            document_ = *drawn.document;
            image_ = *drawn.image;
            page_ = page;
            last_page_[path] = page;
            emit page_shown();
            if (read) read_page();
        });
}

void PageReader::find_page(const std::string& path, core::FigureKind kind, const std::string& about) {
    work_.run(
        [path, kind, about](const GoOn& go_on) -> std::optional<int> {
            if (!store::make_here(path, go_on)) return std::nullopt;
            const auto document = paper::open_document(path);
            const auto texts = document ? paper::page_texts(*document, go_on)
                                        : core::Result<std::vector<std::string>>(tl::make_unexpected(document.error()));
            return texts ? core::page_naming(*texts, kind, about) : std::nullopt;
        },
        [this, path](const std::optional<int>& page) {
            show_page(path, page.value_or(last_page(path)));  // says what is wrong with the file
        });
}

void PageReader::read_page() {
    const Key key{document_->path, page_};
    if (const auto known = read_.find(key); known != read_.end()) {
        words_ = known->second;
        emit page_read();
        return;
    }
    const auto layout = document_->pdf ? paper::Layout::Page : paper::Layout::Object;
    work_.run([image = image_, page = page_, layout](
                  const GoOn& go_on) { return paper::read_words(image, paper::whole_page(page), layout, go_on); },
        [this, key](const core::Result<std::vector<core::PageWord>>& words) {
            if (!words) {
                emit failed(text(words.error().message));
                return;
            }
            words_ = *words;
            read_[key] = words_;
            emit page_read();
        });
}

void PageReader::read_closely(const core::PageSpot& part) {
    if (image_.isNull()) return;
    work_.run([image = image_, part](const GoOn& go_on) { return paper::read_words(image, part, paper::Layout::Block, go_on); },
        [this](const core::Result<std::vector<core::PageWord>>& words) {
            if (words)
                emit part_read(*words);
            else
                emit failed(text(words.error().message));
        });
}

}  // namespace anagraph::app
