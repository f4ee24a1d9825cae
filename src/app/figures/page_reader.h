// PageReader: opens documents, draws their pages and has them read, all beside the window; what was drawn and read once is
// kept, so that one page proves ten figures without waiting ten times.
#pragma once

#include <QImage>
#include <QObject>
#include <map>
#include <optional>
#include <string>

#include "app/work/work.h"
#include "paper/document.h"

namespace anagraph::app {

class PageReader : public QObject {
    Q_OBJECT
public:
    explicit PageReader(QObject* parent);

    /// Shows a page of a document and has it read, unless it is for the eye alone. What ran before is stopped.
    void show_page(const std::string& path, int page, bool read = true);
    /// Shows the page that names a figure of that kind, as far as the document carries its text; otherwise the one in hand last.
    void find_page(const std::string& path, core::FigureKind kind, const std::string& about);
    /// Reads a part of the page in hand once more, closely.
    void read_closely(const core::PageSpot& part);
    void stop() { work_.drop(); }
    bool busy() const { return work_.busy(); }

    const QImage& image() const { return image_; }
    const std::vector<core::PageWord>& words() const { return words_; }
    int page() const { return page_; }
    int pages() const { return document_ ? document_->pages : 0; }
    /// The page of a document that was in hand last; 1 for one that never was.
    int last_page(const std::string& path) const;

signals:
    void page_shown();  // image(), pages()
    void page_read();   // words()
    void part_read(std::vector<anagraph::core::PageWord> words);
    void failed(const QString& sentence);
    void busy_changed();

private:
    struct Key {
        std::string path;
        int page;
        friend auto operator<=>(const Key&, const Key&) = default;
    };
    void read_page();

    std::optional<paper::Document> document_;
    QImage image_;
    std::vector<core::PageWord> words_;
    int page_ = 1;
    Work work_{this};
    std::map<Key, std::vector<core::PageWord>> read_;
    std::map<std::string, int> last_page_;
};

}  // namespace anagraph::app
