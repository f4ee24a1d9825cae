#include "app/sheet/line_field.h"

#include <QAbstractItemView>
#include <QCompleter>
#include <QKeyEvent>
#include <QPainter>
#include <QStandardItemModel>
#include <algorithm>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/figure/evidence.h"
#include "core/procedure/text.h"

namespace anagraph::app {

using theme::colour;
using theme::text;

RenderedLine::RenderedLine(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
    setCursor(Qt::IBeamCursor);
}

void RenderedLine::set_line(const std::string& line, const QString& placeholder) {
    line_ = line;
    placeholder_ = placeholder;
    setAccessibleName(line.empty() ? placeholder : text(core::rendered(session_.procedure(), line)));
    updateGeometry();
    update();
}

int RenderedLine::heightForWidth(int width) const { return static_cast<int>(flow(width, nullptr)) + 4; }

double RenderedLine::flow(double width, QPainter* p) const {
    const QFont plain = theme::font("text");
    const QFont bold = theme::font("text", true);
    const QFontMetricsF plain_metrics(plain);
    const double row = plain_metrics.height() + 13;
    double x = 2;
    double y = 2;
    const auto place = [&](double w) {
        if (x > 2 && x + w > width) {
            x = 2;
            y += row;
        }
    };
    const auto words = [&](const QString& s, const QFont& f, const QColor& ink) {
        const QFontMetricsF m(f);
        const QStringList parts = s.split(QLatin1Char(' '));
        for (qsizetype i = 0; i < parts.size(); ++i) {
            if (i > 0) x += m.horizontalAdvance(QLatin1Char(' '));
            if (parts[i].isEmpty()) continue;
            const double w = m.horizontalAdvance(parts[i]);
            place(w);
            if (p != nullptr) {
                p->setFont(f);
                p->setPen(ink);
                p->drawText(QPointF(x, y + row / 2 + m.ascent() / 2 - 2), parts[i]);
            }
            x += w;
        }
    };
    if (line_.empty()) words(placeholder_, plain, colour("second"));
    const auto& procedure = session_.procedure();
    for (const auto& piece : core::pieces_of(line_)) {
        if (piece.kind == core::TokenKind::Words) {
            words(text(piece.text), plain, colour("ink"));
        } else if (piece.kind == core::TokenKind::Item) {
            const auto* item = procedure.find(core::ItemId(piece.text));
            words(item == nullptr ? QStringLiteral("(unknown: %1)").arg(text(piece.text)) : text(item->name), bold,
                item == nullptr ? colour("danger") : colour("ink"));
        } else if (const auto* figure = procedure.find(core::FigureId(piece.text))) {
            QString value =
                text(core::differs_by_variant(procedure, *figure) ? core::text_for_all(procedure, *figure) : core::text_of(figure->value));
            const double w = theme::standing_box_width(plain_metrics, value);
            place(w);
            if (p != nullptr) {
                p->setFont(plain);
                theme::draw_figure(*p, {x + 2, y + 1}, value, core::standing_of(procedure, *figure));
            }
            x += w + 4;
            const QString other = text(core::other_system_text(*figure));
            if (!other.isEmpty()) words(QStringLiteral(" ") + other, plain, colour("second"));
        } else {
            words(QStringLiteral("(unknown: %1)").arg(text(piece.text)), bold, colour("danger"));
        }
    }
    return y + row;
}

void RenderedLine::paintEvent(QPaintEvent*) {
    QPainter p(this);
    flow(width(), &p);
}

LineField::LineField(Session& session, const QString& name, QWidget* parent) : QStackedWidget(parent), session_(session) {
    rendered_ = new RenderedLine(session, this);
    edit_ = new QLineEdit(this);
    edit_->setAccessibleName(name);
    setAccessibleName(name);
    edit_->setPlaceholderText(tr("one action; type { to name a figure or an item"));
    addWidget(rendered_);
    addWidget(edit_);
    setFocusPolicy(Qt::StrongFocus);
    edit_->installEventFilter(this);
    QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
    connect(edit_, &QLineEdit::textEdited, this, [this] {
        const QString before = edit_->text().left(edit_->cursorPosition());
        if (before.endsWith(QLatin1Char('{'))) offer_tokens();
    });
}

void LineField::set_line(const std::string& line) {
    show_text(edit_, text(line));
    rendered_->set_line(line, tr("write what is done here"));
    edit_->setAccessibleDescription(rendered_->accessibleName());
    fit();
}

void LineField::fit() { setFixedHeight(heightForWidth(width())); }

void LineField::resizeEvent(QResizeEvent* event) {
    QStackedWidget::resizeEvent(event);
    fit();
}

void LineField::begin() {
    setCurrentWidget(edit_);
    fit();
    edit_->setFocus();
}

void LineField::focusInEvent(QFocusEvent*) { begin(); }
void LineField::mousePressEvent(QMouseEvent*) { begin(); }

void LineField::insert_token(const QString& token) {
    begin();
    edit_->insert(token);
}

bool LineField::eventFilter(QObject* watched, QEvent* event) {
    if (watched != edit_) return false;
    if (event->type() == QEvent::FocusOut) {
        const auto reason = static_cast<QFocusEvent*>(event)->reason();
        if (reason == Qt::PopupFocusReason || reason == Qt::ActiveWindowFocusReason) return false;
        setCurrentWidget(rendered_);
        set_line(line());
        emit finished();
    }
    if (event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        const bool popup = edit_->completer() != nullptr && edit_->completer()->popup()->isVisible();
        if (!popup && (key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter)) {
            emit line_after_asked();
            return true;
        }
        if (!popup && key->key() == Qt::Key_Backspace && edit_->text().isEmpty()) {
            emit removal_asked();
            return true;
        }
    }
    return false;
}

void LineField::offer_tokens() {
    auto* model = new QStandardItemModel(this);
    const auto& p = session_.procedure();
    const auto offer = [&](const QString& words, const QString& token) {
        auto* item = new QStandardItem(words);
        item->setData(token, Qt::UserRole);
        model->appendRow(item);
    };
    for (const auto& f : p.figures)
        offer(QStringLiteral("%1: %2").arg(text(core::title_of(p, f)), text(core::words_of(f.value))),
            QStringLiteral("{figure:%1}").arg(text(f.id.text())));
    for (const auto& i : p.items) offer(text(i.name), QStringLiteral("{item:%1}").arg(text(i.id.text())));
    if (model->rowCount() == 0) return;
    auto* completer = new QCompleter(model, edit_);
    completer->setCompletionMode(QCompleter::UnfilteredPopupCompletion);
    completer->setWidget(edit_);
    delete edit_->findChild<QCompleter*>(QStringLiteral("tokens"));
    completer->setObjectName(QStringLiteral("tokens"));
    connect(completer, QOverload<const QModelIndex&>::of(&QCompleter::activated), this, [this](const QModelIndex& index) {
        const int at = edit_->cursorPosition();
        const int brace = static_cast<int>(edit_->text().left(at).lastIndexOf(QLatin1Char('{')));
        if (brace >= 0) {
            edit_->setSelection(brace, at - brace);
            edit_->insert(index.data(Qt::UserRole).toString());
        }
        edit_->setFocus();
    });
    completer->complete(QRect(0, 0, 420, edit_->height()));
    completer->popup()->setCurrentIndex(completer->completionModel()->index(0, 0));
}

}  // namespace anagraph::app
