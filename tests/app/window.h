// The real window in a test: opened on a library, driven by keys as a person would, dialogs answered.
#pragma once

#include <gtest/gtest.h>

#include <QApplication>
#include <QDialog>
#include <QLineEdit>
#include <QPointer>
#include <QTest>
#include <QTimer>
#include <functional>
#include <memory>
#include <string>

#include "tests/place.h"
#include "app/command/command_row.h"
#include "app/tape/tape_station.h"
#include "app/window/main_window.h"

namespace anagraph::testing {

using app::MainWindow;

/// Does something to the next dialog that opens, once it has the keys as it would under a person's hands. A dialog still
/// open two minutes later fails the test and is closed, so that no test waits for ever.
template <class Dialog>
void when_asked(std::function<void(Dialog*)> answer) {
    auto* timer = new QTimer(qApp);
    QObject::connect(timer, &QTimer::timeout, timer, [timer, answer] {
        QPointer<Dialog> dialog = qobject_cast<Dialog*>(QApplication::activeModalWidget());
        if (dialog == nullptr) return;
        if (QApplication::activeWindow() != dialog || !dialog->isAncestorOf(QApplication::focusWidget())) {
            QApplication::setActiveWindow(dialog);
            return;
        }
        timer->deleteLater();
        QTimer::singleShot(120000, dialog, [dialog] {
            ADD_FAILURE() << "the dialog \"" << dialog->windowTitle().toStdString() << "\" was answered and is still open";
            dialog->reject();
        });
        answer(dialog);
    });
    timer->start(50);
}

/// Types into the field that shows this hint, in place of what stands there.
inline void fill(QWidget& where, const char* hint, const char* words) {
    for (auto* edit : where.findChildren<QLineEdit*>())
        if (edit->placeholderText() == QString::fromUtf8(hint)) {
            edit->setFocus();
            edit->selectAll();
            QTest::keyClick(edit, Qt::Key_Delete);
            QTest::keyClicks(edit, QString::fromUtf8(words));
            return;
        }
    ADD_FAILURE() << "no field shows " << hint;
}

/// The button that is seen in `where` and says these words; null where there is none.
inline app::CommandButton* shown(QWidget& where, const QString& words) {
    for (auto* b : where.findChildren<app::CommandButton*>())
        if (b->isVisible() && b->text() == words) return b;
    return nullptr;
}

inline QWidget* focus(QWidget& window) {
    auto* f = QApplication::focusWidget();
    return f != nullptr ? f : &window;
}

class Window {
public:
    explicit Window(const std::string& library) {
        auto opened = store::Library::make_or_open(anagraph::testing::place(library));
        EXPECT_TRUE(opened) << opened.error().message;
        w_ = std::make_unique<MainWindow>(std::move(*opened));
        w_->show();
        QApplication::setActiveWindow(w_.get());
        EXPECT_TRUE(QTest::qWaitForWindowExposed(w_.get()));
    }
    MainWindow* operator->() { return w_.get(); }
    MainWindow& operator*() { return *w_; }
    const core::Procedure& guide() { return w_->session().procedure(); }

    void key(int k, Qt::KeyboardModifiers m = Qt::NoModifier) {
        ++presses_;
        if (QApplication::activeWindow() == nullptr) QApplication::setActiveWindow(w_.get());
        QTest::keyClick(focus(*w_), static_cast<Qt::Key>(k), m);
    }
    /// Keys pressed so far, typed words not counted.
    int presses() const { return presses_; }
    void type(const QString& words) { QTest::keyClicks(focus(*w_), words); }
    bool settled() {
        return QTest::qWaitFor([&] { return !w_->tape().film().settling() && !w_->tape().film().picture().isNull(); }, 60000);
    }
    void to_line(std::size_t line) {
        const auto now = w_->tape().tape().line_at(w_->tape().film().time());
        for (long i = now ? static_cast<long>(*now) : -1; i < static_cast<long>(line); ++i) key(Qt::Key_Down);
        for (long i = now ? static_cast<long>(*now) : -1; i > static_cast<long>(line); --i) key(Qt::Key_Up);
        EXPECT_EQ(w_->tape().tape().line_at(w_->tape().film().time()), line);
    }

private:
    std::unique_ptr<MainWindow> w_;
    int presses_ = 0;
};

}  // namespace anagraph::testing
