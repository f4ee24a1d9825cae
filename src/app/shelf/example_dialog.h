// ExampleDialog: the printed form of a finished guide, page under page, for somebody who has none yet.
#pragma once

#include <QDialog>

namespace anagraph::app {

class ExampleDialog : public QDialog {
    Q_OBJECT
public:
    explicit ExampleDialog(QWidget* parent);
};

}  // namespace anagraph::app
