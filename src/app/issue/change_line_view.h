// ChangeLineView: where a figure stood and stands, on one scale.
#pragma once

#include <QWidget>
#include <optional>

#include "core/figure/change_line.h"

namespace anagraph::app {

class ChangeLineView : public QWidget {
    Q_OBJECT
public:
    explicit ChangeLineView(QWidget* parent = nullptr);
    /// Hidden where there is nothing to draw. The words name the two: "edition 1", "now".
    void show_change(
        const std::optional<core::Figure>& was, const std::optional<core::Figure>& is, const QString& was_words, const QString& is_words);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    core::ChangeLine change_;
    QString was_;
    QString is_;
};

}  // namespace anagraph::app
