// GuideSettingsDialog: what is set for a guide as a whole, its variants among it.
#pragma once

#include <QComboBox>
#include <QDialog>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>

#include "core/edits/guide_settings.h"

namespace anagraph::app {

class GuideSettingsDialog : public QDialog {
    Q_OBJECT
public:
    GuideSettingsDialog(const core::Procedure& guide, QWidget* parent);
    /// What was set; its edits are empty where nothing is different. Only after it was accepted.
    const core::Change& change() const { return change_; }

private:
    void build_language(QFormLayout* form, const std::string& now);
    void build_variants(QFormLayout* form);
    void add_variant();
    void remove_variant();
    /// Says of the variant in hand what applies to it alone.
    void show_held();
    core::GuideSettings settings() const;
    void accept() override;

    const core::Procedure& guide_;
    QLineEdit* machine_;
    QLineEdit* job_;
    QLineEdit* number_;
    QLineEdit* interval_;
    QLineEdit* workshop_note_;
    QComboBox* language_ = nullptr;
    QListWidget* variants_;
    QLabel* held_;
    QLabel* trouble_;
    std::vector<core::VariantSetting> removed_;
    core::Change change_;
};

}  // namespace anagraph::app
