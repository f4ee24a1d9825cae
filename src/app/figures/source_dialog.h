// SourceDialog: what proves a figure. Which book, label, drawing, measurement or word of the maker, the place in it, and what
// stands there; with the page beside it, the place marked, and what a machine read there as a proposal.
#pragma once

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QSpinBox>
#include <QVBoxLayout>
#include <vector>

#include "app/command/commands.h"
#include "app/figures/page_reader.h"
#include "app/figures/page_view.h"
#include "app/session/session.h"
#include "app/theme/controls.h"

namespace anagraph::app {

class SourceDialog : public QDialog {
    Q_OBJECT
public:
    SourceDialog(Session& session, PageReader& reader, const core::Figure& figure, QWidget* parent);
    ~SourceDialog() override { reader_.stop(); }
    /// Begins with a source of the guide, or with a file for a new one.
    void choose_source(const core::SourceId& id);
    void choose_file(const QString& path);
    /// The change that adds source (when new) and proof; only after the dialog was accepted.
    const core::Change& change() const { return change_; }
    PageView& page() { return *page_; }

protected:
    void accept() override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    void build_form(QWidget* side);
    void build_new_source(QWidget* side);
    void build_page(QWidget* side, QVBoxLayout* down);
    void build_given(QWidget* side, QVBoxLayout* down);
    const core::Source* chosen() const {
        return session_.procedure().find(core::SourceId(source_->currentData().toString().toStdString()));
    }
    core::SourceKind kind() const;
    void source_changed();
    void show_rows();
    void find_page(const std::string& path);
    void turn_page(int by);
    void offer(const std::vector<core::PageWord>& words, bool from_part);
    void take(int offer);
    void browse();
    QString trouble();
    core::Source source_as_typed() const;

    Session& session_;
    PageReader& reader_;
    core::Figure figure_;
    core::Change change_;
    QString file_;  // chosen here; empty: the source's own document
    std::vector<core::PageValue> offers_;
    std::optional<core::PageSpot> spot_;

    PageView* page_;
    QComboBox* source_;
    QWidget* fresh_;  // what is asked of a new source
    QComboBox* kind_;
    QLineEdit* title_;
    QLineEdit* edition_;
    QLineEdit* date_;
    QLineEdit* serials_;
    QLineEdit* instrument_;
    QLabel* instrument_label_;
    std::vector<QCheckBox*> variants_;
    Commands* commands_ = nullptr;
    QSpinBox* number_;
    QLabel* of_pages_;
    QLabel* reading_;
    QListWidget* readings_;
    QLabel* crop_;
    QLineEdit* value_;
    QLineEdit* tolerance_;
    QLineEdit* slack_;
    QLabel* slack_label_;
    QLineEdit* place_;
    QLabel* trouble_;
};

}  // namespace anagraph::app
