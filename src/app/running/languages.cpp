#include "app/running/languages.h"

#include <QApplication>
#include <QDialogButtonBox>
#include <QDir>
#include <QLibraryInfo>
#include <QLocale>
#include <QTranslator>
#include <QVBoxLayout>

#include "app/running/settings.h"
#include "app/theme/controls.h"

static void load_words() { Q_INIT_RESOURCE(words); }

namespace anagraph::app {

namespace {

constexpr const char* kLanguage = "language";
constexpr const char* kEnglish = "en";

QString& now() {
    static QString language = QLatin1String(kEnglish);
    return language;
}

/// One table of words, in force while `speak` wants it.
void use(QTranslator& table, bool found) {
    QApplication::removeTranslator(&table);
    if (found) QApplication::installTranslator(&table);
}

}  // namespace

QStringList languages() {
    load_words();
    QStringList out;
    for (const auto& file : QDir(QStringLiteral(":/app/words")).entryList({QStringLiteral("anagraph_*.qm")}))
        out << file.mid(9, file.size() - 12);
    out.removeAll(QLatin1String(kEnglish));
    out.prepend(QLatin1String(kEnglish));
    return out;
}

QString name_of_language(const QString& language) {
    // a language by itself has no country; Qt would name the one it takes for English
    return language == QLatin1String(kEnglish) ? QStringLiteral("English") : QLocale(language).nativeLanguageName();
}

QString language_among(const QStringList& asked) {
    const auto spoken = languages();
    for (const auto& a : asked)
        if (const QString language = a.section(QLatin1Char('-'), 0, 0).section(QLatin1Char('_'), 0, 0); spoken.contains(language))
            return language;
    return QLatin1String(kEnglish);
}

std::optional<QString> chosen_language() {
    const QString out = Settings().value(QLatin1String(kLanguage)).toString();
    return languages().contains(out) ? std::optional(out) : std::nullopt;
}

void choose_language(std::optional<QString> language) {
    Settings settings;
    if (language)
        settings.setValue(QLatin1String(kLanguage), *language);
    else
        settings.remove(QLatin1String(kLanguage));
}

void speak(const QString& language) {
    load_words();
    static auto* own = new QTranslator(qApp);
    static auto* of_qt = new QTranslator(qApp);  // buttons of its dialogs
    use(*of_qt, of_qt->load(QStringLiteral("qtbase_") + language, QLibraryInfo::path(QLibraryInfo::TranslationsPath)));
    use(*own, own->load(QStringLiteral(":/app/words/anagraph_") + language));
    const QLocale system = QLocale::system();
    const QLocale wanted(language);
    QLocale::setDefault(wanted.language() == system.language() ? system : QLocale(wanted.language(), system.territory()));
    now() = language;
}

QString language_now() { return now(); }

LanguageDialog::LanguageDialog(QWidget* parent) : QDialog(parent), list_(new QListWidget(this)) {
    setWindowTitle(tr("Language"));
    setMinimumWidth(420);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(24, 20, 24, 18);
    down->setSpacing(10);
    down->addWidget(title_label(tr("Language of the window"), this));
    down->addWidget(quiet_label(tr("Guides keep the language they are written in. The window is opened anew where you were."), this));
    list_->setAccessibleName(tr("Languages"));
    const auto add = [this](const QString& words, const QString& language) {
        auto* row = new QListWidgetItem(words, list_);
        row->setData(Qt::UserRole, language);
        if (language == chosen_language().value_or(QString())) list_->setCurrentItem(row);
    };
    add(tr("As the desktop asks"), {});
    for (const auto& l : languages()) add(name_of_language(l), l);
    list_->setFixedHeight(list_->sizeHintForRow(0) * list_->count() + 4);
    down->addWidget(list_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    down->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(list_, &QListWidget::itemActivated, this, &QDialog::accept);
    list_->setFocus();
}

std::optional<QString> LanguageDialog::chosen() const {
    const QString out = list_->currentItem() == nullptr ? QString() : list_->currentItem()->data(Qt::UserRole).toString();
    return out.isEmpty() ? std::nullopt : std::optional(out);
}

}  // namespace anagraph::app
