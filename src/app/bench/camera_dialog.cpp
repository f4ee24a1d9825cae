#include "app/bench/camera_dialog.h"

#include <QLineEdit>
#include <QVBoxLayout>

#include "app/command/command_row.h"
#include "app/command/reasons.h"
#include "app/running/settings.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "media/camera.h"
#include "publish/still_care.h"

namespace anagraph::app {

using theme::text;

namespace {

const QString kDeviceSetting = QStringLiteral("camera/device");

}  // namespace

CameraDialog::CameraDialog(QWidget* parent) : QDialog(parent) {
    setWindowTitle(tr("Photograph of this step"));
    resize(980, 720);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(16, 14, 16, 14);
    picture_ = new QLabel(this);
    picture_->setAlignment(Qt::AlignCenter);
    picture_->setMinimumSize(480, 270);
    picture_->setWordWrap(true);
    picture_->setAccessibleName(tr("What the camera sees"));
    picture_->setStyleSheet(
        QStringLiteral("background: %1; color: %2;").arg(theme::colour("film").name(), theme::colour("on_film").name()));
    down->addWidget(picture_, 1);
    said_ = quiet_label(QString(), this);
    said_->setAccessibleDescription(tr("What is to be done"));
    auto* across = new QHBoxLayout;
    across->addWidget(said_, 1);
    auto* label = new QLabel(tr("&Camera"), this);
    device_ = new QComboBox(this);
    device_->setEditable(true);
    device_->setMinimumWidth(220);
    device_->setAccessibleName(tr("Camera"));
    label->setBuddy(device_);
    across->addWidget(label);
    across->addWidget(device_);
    down->addLayout(across);
    commands_ = new Commands(tr("Photograph"), this);
    const QString photograph = tr("Photograph");
    commands_->add({"camera.take", tr("Take"), Qt::Key_PageDown, tr("Holds what the camera sees; the same key keeps it with the step."),
        photograph, {}, [this] { take_or_keep(); }, [this] { return unless(sees(), tr("The camera shows nothing yet.")); },
        {tr("shoot"), tr("pedal")}, true, always, [this] { return taken() ? tr("Keep it") : tr("Take"); }});
    commands_->add(
        {"camera.again", tr("Not this one"), Qt::Key_PageUp, tr("Looks through the camera again; nothing was kept."), photograph, {},
            [this] {
                taken_ = {};
                said_->clear();
                draw();
                commands_->refresh();
            },
            [this] { return unless(taken(), tr("Nothing is taken yet.")); }, {tr("again"), tr("blurred")}, true});
    commands_->add({"camera.file", tr("From a file"), Qt::CTRL | Qt::Key_O, tr("Takes a photograph that lies in a file instead."),
        photograph, {}, [this] { accept(); }, {}, {tr("phone"), tr("open")}, true});
    down->addWidget(new CommandRow(*commands_, this, true));
    for (const auto& device : media::Camera::devices()) device_->addItem(text(device));
    const QString last = Settings().value(kDeviceSetting).toString();
    if (!last.isEmpty()) device_->setCurrentText(last);
    connect(device_, &QComboBox::activated, this, [this] { look_through(device_->currentText()); });
    connect(device_->lineEdit(), &QLineEdit::editingFinished, this, [this] { look_through(device_->currentText()); });
    look_through(device_->currentText());
    picture_->setFocusPolicy(Qt::StrongFocus);
    picture_->setFocus();
}

CameraDialog::~CameraDialog() { let_go(); }

void CameraDialog::let_go() {
    stop_ = true;
    if (watching_.joinable()) watching_.join();
    stop_ = false;
    on_its_way_ = false;
    now_ = taken_ = {};
    ++look_;
}

void CameraDialog::look_through(const QString& device) {
    if (watching_.joinable() && device == looked_through_ && sees()) return;
    let_go();
    looked_through_ = device;
    picture_->setText(device.trimmed().isEmpty()
            ? tr("No camera is connected. Connect one and choose it below, or take a photograph from a file.")
            : tr("Waiting for the camera …"));
    said_->clear();
    commands_->refresh();
    if (device.trimmed().isEmpty()) return;
    watching_ = std::thread([this, device, look = look_] {
        const auto tell = [this, look](const core::Error& e) {
            if (e.code == core::ErrorCode::Cancelled) return;
            QMetaObject::invokeMethod(this, [this, look, words = text(e.message)] {
                if (look != look_) return;
                now_ = {};
                if (!taken()) picture_->setText(words);
                said_->clear();
                commands_->refresh();
            });
        };
        auto camera = media::Camera::open(device.trimmed().toStdString(), stop_);
        if (!camera) return tell(camera.error());
        QMetaObject::invokeMethod(this, [device] { Settings().setValue(kDeviceSetting, device); });
        while (!stop_) {
            auto picture = camera->next();
            if (!picture) return tell(picture.error());
            if (on_its_way_.exchange(true)) continue;
            QMetaObject::invokeMethod(this, [this, look, image = publish::image_of(*picture)] {
                if (look == look_) show_picture(image);
                on_its_way_ = false;
            });
        }
    });
}

void CameraDialog::show_picture(const QImage& picture) {
    const bool first = now_.isNull();
    now_ = picture;
    if (taken()) return;
    draw();
    if (!first) return;
    said_->setText(tr("Go near and hold it still: the part that matters, sharp."));
    commands_->refresh();
}

void CameraDialog::draw() {
    const QImage& shown = taken() ? taken_ : now_;
    if (!shown.isNull())
        picture_->setPixmap(
            QPixmap::fromImage(shown.scaled(picture_->size() - QSize(8, 8), Qt::KeepAspectRatio, Qt::SmoothTransformation)));
}

void CameraDialog::take_or_keep() {
    if (taken()) {
        kept_ = taken_;
        return accept();
    }
    taken_ = now_;
    said_->setText(tr("Is it sharp, and is what matters on it? Then keep it."));
    commands_->refresh();
}

void CameraDialog::resizeEvent(QResizeEvent* event) {
    QDialog::resizeEvent(event);
    draw();
}

}  // namespace anagraph::app
