// WrenchPort: a torque wrench or gauge on a serial line, real or played by the stand-in. What it sends is read by core/torque/wrench_line.
#pragma once

#include <QObject>
#include <QSerialPort>
#include <QStringList>

#include "core/torque/wrench_line.h"

namespace anagraph::app {

class WrenchPort : public QObject {
    Q_OBJECT
public:
    explicit WrenchPort(QObject* parent);
    /// Ports of this machine, by their names.
    static QStringList ports();
    /// The sentence that says why it cannot be opened; empty: it is open.
    QString open(const QString& port);
    void close();
    bool is_open() const { return port_.isOpen(); }
    QString name() const { return port_.isOpen() ? port_.portName() : QString(); }

signals:
    void reading(const anagraph::core::WrenchReading& reading);
    /// A line that was not understood, a reading that was lost, the wrench pulled out: a sentence.
    void trouble(const QString& sentence);

private:
    void take();
    QSerialPort port_;
    core::WrenchLines lines_;
};

}  // namespace anagraph::app
