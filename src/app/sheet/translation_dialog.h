// The guide's texts beside their translation, down the guide; what is missing or out of date is marked and counted.
#pragma once

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QScrollArea>
#include <vector>

#include "app/session/session.h"
#include "app/theme/controls.h"
#include "core/edits/translation.h"

namespace anagraph::app {

class TranslationDialog : public QDialog {
    Q_OBJECT
public:
    TranslationDialog(Session& session, QWidget* parent);

private:
    void show_lines();
    void write(std::size_t line);
    void count();
    void next_open();

    Session& session_;
    QComboBox* language_;
    QLabel* counted_;
    QScrollArea* scroll_;
    QLabel* trouble_;
    std::vector<core::TranslatedLine> lines_;
    struct Row {
        QLabel* mark;
        QLineEdit* edit;
    };
    std::vector<Row> rows_;
};

}  // namespace anagraph::app
