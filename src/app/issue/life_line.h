// LifeLine: the life of a guide's editions down a line, from the first to the hand-out of the next; one of them is in hand.
#pragma once

#include <QListWidget>
#include <vector>

#include "shop/life.h"

namespace anagraph::app {

class LifeLine : public QListWidget {
    Q_OBJECT
public:
    explicit LifeLine(QWidget* parent = nullptr);
    void show_life(std::vector<shop::LifeStage> stages);
    /// The edition in hand; 0: none.
    int edition() const;
    void choose_edition(int number);
    /// As high as the whole life, for who lays it out.
    int whole_height() const;
    const std::vector<shop::LifeStage>& stages() const { return stages_; }

private:
    std::vector<shop::LifeStage> stages_;
};

}  // namespace anagraph::app
