#include "app/figures/page_reader.h"

#include "app/session/beside.h"
#include "app/theme/theme.h"

namespace anagraph::app {

using theme::text;

namespace {

struct Drawn {
    core::Result<paper::Document> document;
    core::Result<QImage> image;
};

/// The result of `work` is handed to `then` unless reading was stopped meanwhile.
template <class Work, class Then>
void until_stopped(QObject* owner, const std::shared_ptr<std::atomic<bool>>& stopped, Work work, Then then) {
    beside(owner, std::move(work), [stopped, then](const auto& out) {
        if (!*stopped) then(out);
    });
}

}  // namespace

PageReader::PageReader(QObject* parent) : QObject(parent) {}

void PageReader::set_busy(bool busy) {
    if (busy_ == busy) return;
    busy_ = busy;
    emit busy_changed();
}

void PageReader::stop() {
    if (stopped_) *stopped_ = true;
    set_busy(false);
}

int PageReader::last_page(const std::string& path) const {
    const auto it = last_page_.find(path);
    return it == last_page_.end() ? 1 : it->second;
}

void PageReader::show_page(const std::string& path, int page, bool read) {
    if (document_ && document_->path == path && page_ == page && !image_.isNull() && !busy_) {
        emit page_shown();
        if (read) read_page();
        return;
    }
    stop();
    stopped_ = make_stop();
    set_busy(true);
    words_.clear();
    until_stopped(
        this, stopped_,
        [path, page, stopped = stopped_] {
            auto document = paper::open_document(path);
            core::Result<QImage> image = document ? paper::page_image(*document, page, [stopped] { return !*stopped; })
                                                  : core::Result<QImage>(tl::make_unexpected(document.error()));
            return Drawn{std::move(document), std::move(image)};
        },
        [this, path, page, read](const Drawn& drawn) {
            if (!drawn.image) {
                set_busy(false);
                emit failed(text(drawn.image.error().message));
                return;
            }
            document_ = *drawn.document;
            image_ = *drawn.image;
            page_ = page;
            last_page_[path] = page;
            emit page_shown();
            if (read)
                read_page();
            else
                set_busy(false);
        });
}

void PageReader::find_page(const std::string& path, core::FigureKind kind, const std::string& about) {
    stop();
    stopped_ = make_stop();
    set_busy(true);
    until_stopped(
        this, stopped_,
        [path, kind, about, stopped = stopped_]() -> std::optional<int> {
            const auto document = paper::open_document(path);
            const auto texts = document ? paper::page_texts(*document, [stopped] { return !*stopped; })
                                        : core::Result<std::vector<std::string>>(tl::make_unexpected(document.error()));
            return texts ? core::page_naming(*texts, kind, about) : std::nullopt;
        },
        [this, path](const std::optional<int>& page) {
            set_busy(false);
            show_page(path, page.value_or(last_page(path)));  // says what is wrong with the file
        });
}

void PageReader::read_page() {
    const Key key{document_->path, page_};
    // after a stop the old flag is set for good
    if (!stopped_ || *stopped_) stopped_ = make_stop();
    set_busy(true);
    if (const auto known = read_.find(key); known != read_.end()) {
        words_ = known->second;
        set_busy(false);
        emit page_read();
        return;
    }
    const auto layout = document_->pdf ? paper::Layout::Page : paper::Layout::Object;
    until_stopped(
        this, stopped_,
        [image = image_, page = page_, layout, stopped = stopped_] {
            return paper::read_words(image, paper::whole_page(page), layout, [stopped] { return !*stopped; });
        },
        [this, key](const core::Result<std::vector<core::PageWord>>& words) {
            set_busy(false);
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
    stop();
    stopped_ = make_stop();
    set_busy(true);
    until_stopped(
        this, stopped_,
        [image = image_, part, stopped = stopped_] {
            return paper::read_words(image, part, paper::Layout::Block, [stopped] { return !*stopped; });
        },
        [this](const core::Result<std::vector<core::PageWord>>& words) {
            set_busy(false);
            if (words)
                emit part_read(*words);
            else
                emit failed(text(words.error().message));
        });
}

}  // namespace anagraph::app
