// A whole guide made by somebody who sees nothing: every key is pressed because of what the tree of accessible objects says, and nothing
// else is asked. From a film on the disk to an issued edition.
#include <gtest/gtest.h>

#include <cstdlib>
#include <fstream>

#include "core/figure/evidence.h"
#include "publish/pack.h"
#include "tests/app/read_aloud.h"
#include "tests/app/window.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::read_aloud;
using anagraph::testing::said_of;
using anagraph::testing::Scratch;
using anagraph::testing::walk;

namespace {

constexpr const char* kSaid =
    "WEBVTT\n\n"
    "00:01.000 --> 00:04.000\nfirst switch the compressor off and lock it off\n\n"
    "00:05.000 --> 00:08.000\nundo the drain plug with the seventeen mil socket\n\n"
    "00:09.000 --> 00:12.000\nlet the oil drain for ten minutes\n\n"
    "00:13.000 --> 00:16.000\nrefit the drain plug and tighten it to twenty five newton metres\n\n"
    "00:17.000 --> 00:19.000\nfill it with two litres of compressor oil\n";

/// Who works with a reader: hears the window in front, presses keys. Knows no widget.
class Person {
public:
    /// Everything the window in front says.
    QString hears() {
        auto* window = front();
        return window == nullptr ? QString() : read_aloud(*window);
    }
    /// What has the keys, as it is said: the part of a painted place where it is one.
    QString in_hand() {
        auto* of = QAccessible::queryAccessibleInterface(keys_go_to());
        if (of == nullptr) return {};
        if (auto* part = of->focusChild(); part != nullptr && part != of) return said_of(*of) + QStringLiteral(" | ") + said_of(*part);
        return said_of(*of);
    }
    /// What lists say is in hand.
    QString chosen() {
        return hears()
            .split(QLatin1Char('\n'))
            .filter(QStringLiteral("listitem"))
            .filter(QStringLiteral("in hand"))
            .join(QLatin1Char('\n'));
    }
    bool hears_soon(const QString& words) {
        return QTest::qWaitFor([&] { return hears().contains(words); }, 120000);
    }
    void key(int key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        QTest::keyClick(keys_go_to(), static_cast<Qt::Key>(key), modifiers);
        QTest::qWait(30);
    }
    void type(const QString& words) { QTest::keyClicks(keys_go_to(), words); }
    /// What is said of a command that is offered, with its key at the end: "Undo, button: Takes back ... (Ctrl+Z)". Empty: not offered.
    QKeySequence key_said_of(const QString& command) {
        QString description;
        walk(QAccessible::queryAccessibleInterface(front()), [&](QAccessibleInterface& of, int) {
            if (of.role() == QAccessible::Button && of.text(QAccessible::Name) == command && !of.state().disabled)
                description = of.text(QAccessible::Description);
        });
        const auto from = description.lastIndexOf(QLatin1Char('('));
        if (from < 0) return {};
        return QKeySequence::fromString(
            description.mid(from + 1).chopped(1).replace(QStringLiteral("Enter"), QStringLiteral("Return")), QKeySequence::NativeText);
    }
    bool is_offered(const QString& command) { return !key_said_of(command).isEmpty(); }
    void does(const QString& command) {
        const auto key_said = key_said_of(command);
        ASSERT_FALSE(key_said.isEmpty()) << command.toStdString() << " is not offered. Said:\n" << hears().toStdString();
        key(key_said[0].key(), key_said[0].keyboardModifiers());
    }
    /// By Tab to what is called so.
    void goes_to(const QString& name) {
        QString way;
        for (int i = 0; i < 80; ++i) {
            if (in_hand().contains(name)) return;
            key(Qt::Key_Tab);
            way += in_hand() + QLatin1Char('\n');
        }
        FAIL() << "Tab never comes to " << name.toStdString() << ". It came to:\n" << way.toStdString();
    }
    void fills(const QString& name, const QString& words) {
        goes_to(name);
        key(Qt::Key_A, Qt::ControlModifier);
        type(words);
    }
    /// What is done in the next dialog, once it has the keys.
    void then(std::function<void()> in_dialog) {
        auto* timer = new QTimer(qApp);
        QObject::connect(timer, &QTimer::timeout, timer, [this, timer, in_dialog] {
            QPointer<QWidget> dialog = QApplication::activeModalWidget();
            if (dialog == nullptr) return;
            if (QApplication::activeWindow() != dialog) return QApplication::setActiveWindow(dialog);
            timer->deleteLater();
            QTimer::singleShot(120000, dialog, [dialog] {
                ADD_FAILURE() << "still open: " << read_aloud(*dialog).toStdString();
                if (auto* d = qobject_cast<QDialog*>(dialog.data())) d->reject();
            });
            in_dialog();
        });
        timer->start(50);
    }
    /// Finds a command by typing it and does it; `in_dialog` answers what it asks.
    void finds(const QString& words, std::function<void()> in_dialog = {}) {
        then([this, words, in_dialog] {
            type(words);
            if (in_dialog) then(in_dialog);
            key(Qt::Key_Return);
        });
        does(QStringLiteral("Find"));
    }

private:
    /// As a desktop has it: the dialog that asks, else the window.
    QWidget* front() {
        QWidget* out = QApplication::activePopupWidget();
        if (out == nullptr) out = QApplication::activeModalWidget();
        if (out == nullptr) out = QApplication::activeWindow();
        if (out == nullptr || !out->isVisible())
            for (auto* w : QApplication::topLevelWidgets())
                if (w->isVisible() && w->parentWidget() == nullptr) out = w;
        if (out != nullptr && QApplication::activeWindow() != out && QApplication::activePopupWidget() == nullptr)
            QApplication::setActiveWindow(out);
        return out;
    }
    QWidget* keys_go_to() {
        auto* window = front();
        auto* has = QApplication::focusWidget();
        return has != nullptr && has->window() == window ? has : window;
    }
};

class Unseen : public ::testing::Test {
protected:
    void SetUp() override {
        film = scratch / "compressor.mp4";
        ASSERT_EQ(std::system(("ffmpeg -v error -y -f lavfi -i testsrc2=size=640x360:rate=25:duration=20 -f lavfi -i sine=440:duration=20 "
                               "-c:v libx264 -preset ultrafast -c:a aac " +
                      film)
                                  .c_str()),
            0);
        std::ofstream(scratch / "compressor.vtt") << kSaid;
        w = std::make_unique<anagraph::testing::Window>(scratch / "library");
    }
    Scratch scratch;
    std::string film;
    std::unique_ptr<anagraph::testing::Window> w;
};

}  // namespace

TEST_F(Unseen, AWholeGuideIsMadeByKeysFromWhatIsSaidAloud) {
    Person person;
    // Shelf: the film comes in
    ASSERT_TRUE(person.hears().contains("Import recording")) << person.hears().toStdString();
    person.then([&] {
        person.fills("name:", QString::fromStdString(film));
        person.key(Qt::Key_Return);
    });
    person.does("Import recording");
    ASSERT_TRUE(person.hears_soon("0:20 long · 5 lines said")) << person.hears().toStdString();
    ASSERT_TRUE(QTest::qWaitFor([&] { return person.is_offered("New guide"); }, 60000)) << person.hears().toStdString();
    person.then([&] {
        person.fills("Machine", "Varro C2");
        person.fills("Job", "oil change");
        person.key(Qt::Key_Return);
    });
    person.does("New guide");

    // Tape: steps drafted and looked at, their figures and pictures taken
    ASSERT_TRUE(person.hears_soon("Varro C2")) << person.hears().toStdString();
    ASSERT_TRUE(QTest::qWaitFor([&] { return person.is_offered("Draft steps"); }, 60000)) << person.hears().toStdString();
    person.does("Draft steps");
    for (int i = 0; i < 20 && (person.is_offered("Confirm step") || person.is_offered("Next drafted step")); ++i) {
        if (person.is_offered("Take figure")) person.does("Take figure");
        if (person.is_offered("Keep picture")) person.does("Keep picture");
        person.does(person.is_offered("Confirm step") ? "Confirm step" : "Next drafted step");
        if (HasFatalFailure()) return;
    }
    EXPECT_FALSE(person.is_offered("Confirm step"));

    // Figures: the torque is proved by the book
    person.finds("go to figures");
    ASSERT_TRUE(person.hears_soon("25 newton metres")) << person.hears().toStdString();
    for (int i = 0; i < 12 && !person.chosen().contains("25 newton metres"); ++i) person.key(Qt::Key_Down);
    ASSERT_TRUE(person.chosen().contains("25 newton metres, open, one claim")) << person.hears().toStdString();
    person.then([&] {
        person.fills("Title", "Varro C2 service book");
        person.fills("Edition", "issue 2");
        person.fills("It gives", "25 Nm");
        person.fills("Place in it", "page 4, torques");
        person.key(Qt::Key_Return);
    });
    person.does("Add source");
    ASSERT_TRUE(person.hears_soon("25 newton metres, proved")) << person.hears().toStdString();

    // Sheet: the lines are drafted; a caution is written
    person.finds("draft lines");
    ASSERT_TRUE(person.hears_soon("drain plug")) << person.hears().toStdString();
    person.finds("add caution");
    ASSERT_TRUE(person.in_hand().contains("aution")) << person.in_hand().toStdString();
    person.type("Hot oil burns. Wear gloves.");
    person.finds("guide number", [&] {
        person.fills("Guide number", "KQ-C2-1");
        person.key(Qt::Key_Return);
    });

    // Plates: a part is called out
    person.finds("go to plates");
    person.finds("call out item");
    ASSERT_TRUE(person.hears_soon("Callout 1")) << person.hears().toStdString();

    // Dry run: what stops the guide is mended, or kept with its reason
    person.finds("go to dry run");
    ASSERT_TRUE(QTest::qWaitFor([&] { return person.hears().contains("Plan: from"); }, 60000)) << person.hears().toStdString();
    for (int i = 0; i < 6 && person.chosen().contains("Stop, "); ++i) {
        // a fix is looked for, and what it does is said with it
        const bool fix = QTest::qWaitFor([&] { return person.is_offered("Take fix"); }, 5000);
        if (fix)
            person.does("Take fix");
        else {
            person.then([&] {
                person.type("it was done off the film");
                person.key(Qt::Key_Return);
            });
            person.does("Keep as it is");
        }
        if (HasFatalFailure()) return;
        for (int k = 0; k < 20 && person.hears().contains("listitem: Stop, ") && !person.chosen().contains("Stop, "); ++k)
            person.key(Qt::Key_Down);
    }
    ASSERT_FALSE(person.hears().contains("listitem: Stop, ")) << person.hears().toStdString();

    // Issue: another post checks the guide place by place, and it goes out
    person.finds("go to issue");
    person.finds("who sits here", [&] {
        person.fills("Post", "checker");
        person.key(Qt::Key_Return);
    });
    ASSERT_TRUE(person.hears_soon("checker, Who sits here")) << person.hears().toStdString();
    person.finds("go to issue");
    for (int i = 0; i < 60 && person.is_offered("Pass, next place"); ++i) person.does("Pass, next place");
    ASSERT_TRUE(person.is_offered("Check the guide")) << person.hears().toStdString();
    person.then([&] {
        person.fills("Note", "heard, not seen");
        person.key(Qt::Key_Return);
    });
    person.does("Check the guide");
    person.finds("who sits here", [&] {
        person.fills("Post", "author");
        person.key(Qt::Key_Return);
    });
    ASSERT_TRUE(person.hears_soon("author, Who sits here")) << person.hears().toStdString();
    QString asked;
    person.then([&] {
        asked = person.hears();
        person.key(Qt::Key_Return);
    });
    person.does("Issue edition 1");
    EXPECT_TRUE(asked.contains("frozen for ever")) << asked.toStdString();
    ASSERT_TRUE(person.hears_soon("by author, checked by checker")) << person.hears().toStdString();

    // what came of it, looked at in the library
    const auto& library = (*w)->session().library();
    const auto editions = library.editions((*w)->session().guide());
    ASSERT_EQ(editions->size(), 1U);
    const auto& made = editions->front().edition.procedure;
    EXPECT_EQ(made.header.machine, "Varro C2");
    EXPECT_EQ(made.header.number, "KQ-C2-1");
    EXPECT_GE(made.steps.size(), 4U);
    const auto torque =
        std::find_if(made.figures.begin(), made.figures.end(), [](const core::Figure& f) { return f.kind == core::FigureKind::Torque; });
    ASSERT_NE(torque, made.figures.end());
    EXPECT_EQ(core::standing_of(made, *torque), core::Standing::Proved);
    bool warned = false;
    bool called_out = false;
    for (const auto& step : made.steps) {
        for (const auto& c : step.cautions) warned = warned || c.text == "Hot oil burns. Wear gloves.";
        for (const auto& plate : step.plates) called_out = called_out || !plate.callouts.empty();
    }
    EXPECT_TRUE(warned);
    EXPECT_TRUE(called_out);
    EXPECT_TRUE(publish::verify_pack(*library.pack_folder((*w)->session().guide(), 1))->undamaged);
}
