// Finds what was said, in every recording of the library, and names the moment to go to.
#pragma once

#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <vector>

#include "store/library.h"

namespace anagraph::app {

class SaidDialog : public QDialog {
    Q_OBJECT
public:
    explicit SaidDialog(const store::Library& library, QWidget* parent = nullptr);
    /// The chosen line; only after the dialog was accepted.
    const store::SaidLine& chosen() const { return found_[static_cast<std::size_t>(list_->currentRow())]; }

protected:
    void accept() override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void search();

    const store::Library& library_;
    QLineEdit* words_ = nullptr;
    QListWidget* list_ = nullptr;
    QLabel* count_ = nullptr;
    std::vector<store::SaidLine> found_;
};

}  // namespace anagraph::app
