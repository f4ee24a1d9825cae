// Form: a small dialog that asks for a few things under each other.
#pragma once

#include <QComboBox>
#include <QDialog>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <functional>
#include <string>

#include "app/theme/controls.h"
#include "app/theme/theme.h"

namespace anagraph::app {

/// A form with a title, rows and buttons; `check` says what is missing, or nothing.
class Form : public QDialog {
public:
    Form(const QString& title, QWidget* parent, int width = 520) : QDialog(parent) {
        setWindowTitle(title);
        setMinimumWidth(width);
        rows_ = new QFormLayout(this);
        rows_->setContentsMargins(20, 16, 20, 16);
        rows_->setVerticalSpacing(9);
    }
    QFormLayout& rows() { return *rows_; }
    QLineEdit* line(const QString& label, const std::string& value, const QString& hint) {
        auto* edit = new QLineEdit(theme::text(value), this);
        edit->setPlaceholderText(hint);
        named(edit, label);
        rows_->addRow(label, edit);
        return edit;
    }
    QComboBox* choice(const QString& label, const QStringList& names, int now = 0) {
        auto* box = new QComboBox(this);
        box->addItems(names);
        box->setCurrentIndex(now);
        named(box, label);
        rows_->addRow(label, box);
        return box;
    }
    /// A field that does not show what is typed.
    QLineEdit* secret(const QString& label) {
        auto* edit = line(label, "", {});
        edit->setEchoMode(QLineEdit::Password);
        return edit;
    }
    void words(const QString& words) { rows_->addRow(quiet_label(words, this)); }
    /// True when it was answered.
    bool ask(std::function<QString()> check = {}) {
        check_ = std::move(check);
        trouble_ = end_form(rows_, this);
        return exec() == QDialog::Accepted;
    }

protected:
    void accept() override {
        const QString missing = check_ ? check_() : QString();
        trouble_->setText(missing);
        if (missing.isEmpty()) QDialog::accept();
    }

private:
    static void named(QWidget* w, QString label) { w->setAccessibleName(label.remove(QLatin1Char('&'))); }
    QFormLayout* rows_;
    QLabel* trouble_ = nullptr;
    std::function<QString()> check_;
};

inline std::string words_of(const QLineEdit* edit) { return edit->text().trimmed().toStdString(); }

}  // namespace anagraph::app
