// CameraDialog: what the camera sees, large; one key takes a photograph, the same key keeps it.
#pragma once

#include <QComboBox>
#include <QDialog>
#include <QImage>
#include <QLabel>
#include <atomic>
#include <functional>
#include <thread>

#include "app/command/commands.h"

namespace anagraph::app {

class CameraDialog : public QDialog {
    Q_OBJECT
public:
    explicit CameraDialog(QWidget* parent);
    ~CameraDialog() override;
    /// Looks through another camera. Empty: none.
    void look_through(const QString& device);
    /// The photograph that was kept; null where a file is to be taken instead.
    const QImage& photograph() const { return kept_; }
    bool sees() const { return !now_.isNull(); }
    bool taken() const { return !taken_.isNull(); }
    QString said() const { return said_->text(); }

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void let_go();
    void show_picture(const QImage& picture);
    void draw();
    void take_or_keep();

    QComboBox* device_;
    QLabel* picture_;
    QLabel* said_;
    Commands* commands_;
    QString looked_through_;
    int look_ = 0;  // what an earlier one still had on its way is not shown
    std::atomic<bool> stop_ = false;
    std::atomic<bool> on_its_way_ = false;  // a picture the window has not shown yet: others are left out
    std::thread watching_;
    QImage now_, taken_, kept_;
};

}  // namespace anagraph::app
