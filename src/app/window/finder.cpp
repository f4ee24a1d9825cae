#include "app/window/finder.h"

#include <QKeyEvent>
#include <QPainter>
#include <QStyledItemDelegate>
#include <QVBoxLayout>
#include <algorithm>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/procedure/text.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr int kKindWidth = 92;
constexpr int kBeside = Qt::UserRole;
constexpr int kKind = Qt::UserRole + 1;
constexpr int kKey = Qt::UserRole + 2;
constexpr int kPossible = Qt::UserRole + 3;

/// An entry: where it belongs, what it is called and what it does, its key at the end.
class EntryDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override {
        return {200, QFontMetrics(theme::font("text")).lineSpacing() + QFontMetrics(theme::font("small")).lineSpacing() + 14};
    }
    void paint(QPainter* p, const QStyleOptionViewItem& o, const QModelIndex& index) const override {
        p->save();
        p->setRenderHint(QPainter::Antialiasing);
        const QRectF r = o.rect;
        const bool chosen = (o.state & QStyle::State_Selected) != 0;
        if (chosen) {
            p->fillRect(r, theme::colour("wash"));
            p->fillRect(QRectF(r.left(), r.top(), 4, r.height()), theme::colour("accent"));
        }
        const bool possible = index.data(kPossible).toBool();
        const double middle = r.center().y();
        p->setFont(theme::font("small"));
        p->setPen(theme::colour("second"));
        p->drawText(
            QRectF(r.left() + 14, r.top(), kKindWidth - 14, r.height()), Qt::AlignVCenter | Qt::AlignLeft, index.data(kKind).toString());
        const QString key = index.data(kKey).toString();
        const double key_width = key.isEmpty() ? 0 : QFontMetricsF(p->font()).horizontalAdvance(key) + 24;
        p->setPen(theme::colour("ink"));
        p->drawText(QRectF(r.right() - key_width, r.top(), key_width - 12, r.height()), Qt::AlignVCenter | Qt::AlignRight, key);
        const double x = r.left() + kKindWidth;
        const double w = r.right() - key_width - x - 8;
        p->setFont(theme::font("text", possible));
        p->setPen(theme::colour(possible ? "ink" : "second"));
        p->drawText(QRectF(x, r.top() + 5, w, middle - r.top()), Qt::AlignVCenter | Qt::AlignLeft,
            QFontMetricsF(p->font()).elidedText(index.data(Qt::DisplayRole).toString(), Qt::ElideRight, w));
        p->setFont(theme::font("small"));
        p->setPen(theme::colour("second"));
        p->drawText(QRectF(x, middle + 1, w, r.bottom() - middle - 4), Qt::AlignVCenter | Qt::AlignLeft,
            QFontMetricsF(p->font()).elidedText(index.data(kBeside).toString(), Qt::ElideRight, w));
        p->restore();
    }
};

}  // namespace

Finder::Finder(
    std::vector<FinderEntry> entries, const std::string& library, std::function<void(const store::SaidLine&)> show_line, QWidget* parent)
    : QDialog(parent), entries_(std::move(entries)), show_line_(std::move(show_line)), search_(library) {
    for (const auto& e : entries_) {
        std::vector<std::string> also;
        for (const auto& other : e.also) also.push_back(other.toStdString());
        findable_.emplace_back(e.words.toStdString(), also);
    }
    setWindowTitle(tr("Find"));
    resize(740, 560);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(14, 14, 14, 12);
    down->setSpacing(8);
    line_ = new QLineEdit(this);
    line_->setFont(theme::font("title"));
    line_->setPlaceholderText(tr("a command, a step, an item, a figure, a guide, or what was said"));
    line_->setAccessibleName(tr("What to find"));
    line_->installEventFilter(this);
    down->addWidget(line_);
    list_ = new QListWidget(this);
    list_->setItemDelegate(new EntryDelegate(list_));
    list_->setUniformItemSizes(true);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setAccessibleName(tr("What was found"));
    down->addWidget(list_, 1);
    count_ = quiet_label(QString(), this);
    down->addWidget(count_);
    connect(line_, &QLineEdit::textChanged, this, &Finder::look);
    connect(line_, &QLineEdit::returnPressed, this, &Finder::accept);
    connect(list_, &QListWidget::itemActivated, this, &Finder::accept);
    connect(list_, &QListWidget::itemClicked, this, &Finder::accept);
    connect(&search_, &SaidSearch::found, this, [this](const QString&, const std::vector<store::SaidLine>& lines) { show_lines(lines); });
    connect(&search_, &SaidSearch::failed, this, [this](const QString&, const QString& sentence) {
        looking_ = false;
        count_->setText(sentence);
    });
    look();
}

void Finder::add(const FinderEntry& e) {
    shown_.push_back(e);
    auto* item = new QListWidgetItem(e.words, list_);
    item->setData(kBeside, e.beside);
    item->setToolTip(e.words + QLatin1Char('\n') + e.beside);
    item->setData(kKind, e.kind);
    item->setData(kKey, e.key);
    item->setData(kPossible, e.possible);
    item->setData(Qt::AccessibleTextRole, QStringLiteral("%1, %2, %3 %4").arg(e.words, e.kind, e.beside, e.key));
}

void Finder::look() {
    go_there_ = false;
    const std::string typed = line_->text().toStdString();
    struct Fit {
        int far;
        const FinderEntry* entry;
    };
    std::vector<Fit> fits;
    for (std::size_t i = 0; i < entries_.size(); ++i)
        if (const auto far = core::distance(typed, findable_[i])) fits.push_back({*far, &entries_[i]});
    std::stable_sort(fits.begin(), fits.end(), [](const Fit& a, const Fit& b) {
        return std::tuple(a.far, !a.entry->possible, -a.entry->uses) < std::tuple(b.far, !b.entry->possible, -b.entry->uses);
    });
    list_->clear();
    shown_.clear();
    // what nobody scrolls to is not laid out: a library may hold ten thousand guides
    if (fits.size() > kMostEntries) fits.resize(kMostEntries);
    for (const auto& f : fits) add(*f.entry);
    if (list_->count() > 0) list_->setCurrentRow(0);
    looking_ = line_->text().trimmed().size() >= 2;
    if (looking_) search_.look_for(line_->text());
    count_->setText(looking_ ? tr("Looking for what was said, too …") : tr("Arrows choose, Enter goes there."));
}

void Finder::show_lines(const std::vector<store::SaidLine>& lines) {
    looking_ = false;
    const bool nothing = list_->count() == 0;
    for (std::size_t i = 0; i < lines.size() && i < static_cast<std::size_t>(kMostLines); ++i) {
        const auto& l = lines[i];
        FinderEntry e;
        e.kind = tr("Said");
        e.words = text(l.line.text);
        e.beside = tr("%1 · %2").arg(text(core::clock_text(l.line.start, false)), text(l.name));
        e.go = [show = show_line_, l] { show(l); };
        add(e);
    }
    if (nothing && list_->count() > 0) list_->setCurrentRow(0);
    count_->setText(list_->count() == 0 ? tr("Nothing found: no command, thing or spoken line matches.")
                                        : tr("%n found", "1 found", static_cast<int>(list_->count())));
    if (go_there_) accept();
}

std::function<void()> Finder::chosen() const {
    const int row = list_->currentRow();
    return row < 0 ? std::function<void()>() : shown_[static_cast<std::size_t>(row)].go;
}

// The arrows choose an entry while the words are being typed.
bool Finder::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::KeyPress && list_->count() > 0) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        const int by = key == Qt::Key_Down ? 1 : key == Qt::Key_Up ? -1 : key == Qt::Key_PageDown ? 8 : key == Qt::Key_PageUp ? -8 : 0;
        if (by != 0) {
            list_->setCurrentRow(std::clamp(list_->currentRow() + by, 0, list_->count() - 1));
            return true;
        }
    }
    return QDialog::eventFilter(watched, event);
}

void Finder::accept() {
    // a quick hand presses Enter before the lines are there: it goes to the first as soon as they are
    go_there_ = looking_ && list_->count() == 0;
    if (!go_there_ && list_->currentRow() >= 0) QDialog::accept();
}

}  // namespace anagraph::app
