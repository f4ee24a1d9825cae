// What the house says where practitioners differ: the ways with their reasons, the one it picks, why, and which others may be
// taken. Kept once, applied to all guides.
#pragma once

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QVBoxLayout>
#include <vector>

#include "core/house/house.h"

namespace anagraph::app {

class MethodsDialog : public QDialog {
    Q_OBJECT
public:
    MethodsDialog(std::vector<core::HouseMethod> methods, QWidget* parent);
    const std::vector<core::HouseMethod>& methods() const { return methods_; }
    /// Goes to a question.
    void show_topic(std::string_view id);

private:
    void show_chosen();
    void take();
    core::HouseMethod& of(const core::MethodTopic& topic);
    const core::MethodTopic& topic() const;

    std::vector<core::HouseMethod> methods_;
    QListWidget* topics_;
    QLabel* question_;
    QVBoxLayout* ways_;
    QComboBox* chosen_;
    QLineEdit* because_;
    std::vector<QCheckBox*> accepted_;
    bool showing_ = false;
};

}  // namespace anagraph::app
