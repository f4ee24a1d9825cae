// EditionPanel: an issued edition with what it changed, drawn place by place: the old beside the new, figures on their number line, and
// plates with what moved on them.
#pragma once

#include <QImage>
#include <QLabel>
#include <QScrollArea>
#include <QVBoxLayout>
#include <optional>

#include "core/review/drawn_changes.h"

namespace anagraph::app {

/// One plate: what moved as an arrow, what is new as a full disc, what is gone crossed out; another picture beside the old one.
class PlateChangeView : public QWidget {
    Q_OBJECT
public:
    /// `folder_was`, `folder_is`: the packs of the two editions, where the pictures lie; `was_` and `is_words` name the editions.
    PlateChangeView(const core::PlateChange& change, const QString& folder_was, const QString& folder_is, const QString& was_words,
        const QString& is_words, QWidget* parent = nullptr);
    /// What is drawn, in words.
    const QString& words() const { return words_; }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;
    QSize sizeHint() const override { return {560, heightForWidth(560)}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    struct Picture {
        QString file;
        QString words;  // above it
        QImage image;   // read when it is first painted
        bool struck = false;
    };
    QSize fitted(int width) const;
    void paint_marks(QPainter& p, const QRectF& picture) const;

    core::PlateChange change_;
    std::vector<Picture> pictures_;
    QString words_;
};

class EditionPanel : public QScrollArea {
    Q_OBJECT
public:
    explicit EditionPanel(QWidget* parent = nullptr);
    struct Shown {
        int number = 0;
        QStringList facts;  // a sentence each
        std::vector<core::ChangedPlace> changes;
        QString folder, folder_before;  // packs; empty: not there
        int before = 0;
    };
    void show_edition(const Shown& shown);
    /// All that is shown, for those who have it read to them.
    QString told() const;

private:
    QWidget* change_card(const core::ChangedPlace& change, const Shown& shown);
    QLabel* title_;
    QLabel* facts_;
    QVBoxLayout* cards_;
};

}  // namespace anagraph::app
