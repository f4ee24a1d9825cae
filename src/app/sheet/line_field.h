// LineField: one instruction as its reader sees it; on focus it turns into its text with tokens, and back.
#pragma once

#include <QLineEdit>
#include <QStackedWidget>

#include "app/session/session.h"
#include "app/spoken/painted.h"

namespace anagraph::app {

/// An instruction painted with its figures boxed and its items bold.
class RenderedLine : public QWidget, public spoken::TellsPainted {
    Q_OBJECT
public:
    RenderedLine(Session& session, QWidget* parent);
    void set_line(const std::string& line, const QString& placeholder);
    std::vector<spoken::Painted> painted() const override { return {}; }  // its name says it all
    QAccessible::Role painted_on() const override { return QAccessible::StaticText; }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;
    QSize sizeHint() const override { return {300, heightForWidth(std::max(200, width()))}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    /// Lays the pieces out in `width`; paints when `p` is given. Returns the height.
    double flow(double width, QPainter* p) const;

    Session& session_;
    std::string line_;
    QString placeholder_;
};

class LineField : public QStackedWidget {
    Q_OBJECT
public:
    LineField(Session& session, const QString& name, QWidget* parent);
    void set_line(const std::string& line);
    std::string line() const { return edit_->text().trimmed().toStdString(); }
    void begin();
    bool editing() const { return currentWidget() == edit_; }
    QLineEdit* edit() { return edit_; }
    void insert_token(const QString& token);
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override { return editing() ? edit_->sizeHint().height() : rendered_->heightForWidth(width); }
    QSize sizeHint() const override { return {300, heightForWidth(std::max(200, width()))}; }

signals:
    void finished();          // the text may have changed
    void line_after_asked();  // Enter
    void removal_asked();     // Backspace in an empty line

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void offer_tokens();
    /// As high as the line is at this width.
    void fit();

    Session& session_;
    RenderedLine* rendered_;
    QLineEdit* edit_;
};

}  // namespace anagraph::app
