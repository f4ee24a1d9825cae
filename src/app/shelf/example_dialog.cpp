#include "app/shelf/example_dialog.h"

#include <QDialogButtonBox>
#include <QLabel>
#include <QScrollArea>
#include <QScrollBar>
#include <QVBoxLayout>

#include "app/theme/controls.h"

namespace anagraph::app {

ExampleDialog::ExampleDialog(QWidget* parent) : QDialog(parent) {
    setWindowTitle(tr("An example guide"));
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(20, 16, 20, 16);
    down->addWidget(quiet_label(
        tr("The printed form of a 100 h service, made from two films. In the pack that goes out the clips play, and the figures show "
           "their evidence."),
        this));
    auto* pages = new QLabel(this);
    const QPixmap picture(QStringLiteral(":/app/example-guide.jpg"));
    pages->setPixmap(picture);
    pages->setAccessibleName(tr("Pages of the example guide"));
    auto* scroll = new QScrollArea(this);
    scroll->setWidget(pages);
    scroll->setFocusPolicy(Qt::StrongFocus);  // arrows and page keys turn the pages
    scroll->setMinimumWidth(picture.width() + scroll->verticalScrollBar()->sizeHint().width() + 4);
    scroll->verticalScrollBar()->setSingleStep(60);
    down->addWidget(scroll, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, this);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    down->addWidget(buttons);
    resize(width(), 720);
    scroll->setFocus();
}

}  // namespace anagraph::app
