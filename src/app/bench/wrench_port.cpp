#include "app/bench/wrench_port.h"

#include <QFileInfo>
#include <QSerialPortInfo>

#include "app/theme/theme.h"

namespace anagraph::app {

WrenchPort::WrenchPort(QObject* parent) : QObject(parent) {
    connect(&port_, &QSerialPort::readyRead, this, &WrenchPort::take);
    connect(&port_, &QSerialPort::errorOccurred, this, [this](QSerialPort::SerialPortError error) {
        if (error == QSerialPort::NoError || error == QSerialPort::TimeoutError || !port_.isOpen()) return;
        close();
        emit trouble(
            tr("The wrench is not on the line any more: put its plug back and connect it again. Readings can be typed meanwhile."));
    });
}

QStringList WrenchPort::ports() {
    QStringList out;
    for (const auto& port : QSerialPortInfo::availablePorts()) out << port.systemLocation();
    return out;
}

QString WrenchPort::open(const QString& port) {
    close();
    lines_ = {};
    // a link is followed: the stand-in makes one
    const QString real = QFileInfo(port).canonicalFilePath();
    if (real.isEmpty()) return tr("There is no port %1; plug the wrench in, or choose another.").arg(port);
    port_.setPortName(real);
    port_.setBaudRate(QSerialPort::Baud9600);
    if (!port_.open(QIODevice::ReadOnly)) return tr("The port %1 cannot be opened: %2.").arg(port, port_.errorString());
    return {};
}

void WrenchPort::close() {
    if (port_.isOpen()) port_.close();
}

void WrenchPort::take() {
    const QByteArray bytes = port_.readAll();
    const auto news = lines_.take(std::string_view(bytes.constData(), static_cast<std::size_t>(bytes.size())));
    for (const auto& sentence : news.troubles) emit trouble(theme::text(sentence));
    for (const auto& one : news.readings) emit reading(one);
}

}  // namespace anagraph::app
