// The questions of a step on which practitioners differ: which it carries, what the house says to them, and where this step
// has a way of its own.
#pragma once

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QLineEdit>
#include <vector>

#include "app/session/session.h"

namespace anagraph::app {

class MethodsForm : public QDialog {
    Q_OBJECT
public:
    MethodsForm(Session& session, const core::Step& step, QWidget* parent);
    std::vector<core::StepMethod> methods() const;

protected:
    void accept() override;

private:
    struct Row {
        const core::MethodTopic* topic;
        QCheckBox* carried;
        QComboBox* way;  // the house's first
        QLineEdit* because;
    };
    std::vector<Row> rows_;
    QLabel* trouble_;
};

}  // namespace anagraph::app
