// Finds what was said, in every recording of the library, and names the moment to go to.
#pragma once

#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <vector>

#include "app/window/said_search.h"

namespace anagraph::app {

class SaidDialog : public QDialog {
    Q_OBJECT
public:
    /// `library`: its folder.
    explicit SaidDialog(const std::string& library, QWidget* parent = nullptr);
    /// The chosen line; only after the dialog was accepted.
    const store::SaidLine& chosen() const { return found_[static_cast<std::size_t>(list_->currentRow())]; }

protected:
    void accept() override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void search();
    void show_found(const QString& words, const std::vector<store::SaidLine>& lines);

    SaidSearch search_;
    QLineEdit* words_ = nullptr;
    QListWidget* list_ = nullptr;
    QLabel* count_ = nullptr;
    std::vector<store::SaidLine> found_;
    bool looking_ = false;   // the lines of these words are on their way
    bool go_there_ = false;  // Enter was pressed meanwhile
};

}  // namespace anagraph::app
