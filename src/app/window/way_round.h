// WayRound: a short way round the window on the first start: a sentence at each place it speaks of, one after the other.
#pragma once

#include <QPointer>
#include <QWidget>
#include <functional>
#include <vector>

namespace anagraph::app {

class WayRound : public QWidget {
    Q_OBJECT
public:
    struct Place {
        QPointer<QWidget> at;
        QString sentence;
    };

    /// Lies over `window` until its last place was passed (Enter, Space or a click) or it was left (Esc); `left` is called
    /// then. It goes with what it lies over.
    WayRound(QWidget* window, std::vector<Place> places, std::function<void()> left = {});
    /// The sentence that shows.
    QString sentence() const { return places_[now_].sentence; }

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

private:
    void show_place(std::size_t place);
    void leave();
    QRect target() const;
    QString foot() const;

    std::vector<Place> places_;
    std::function<void()> left_;
    QPointer<QWidget> had_keys_;
    std::size_t now_ = 0;
};

}  // namespace anagraph::app
