#include "app/window/said_search.h"

#include "app/theme/theme.h"

namespace anagraph::app {

SaidSearch::SaidSearch(const std::string& folder, QObject* parent) : QObject(parent), folder_(folder) {
    worker_ = new QObject;
    worker_->moveToThread(&thread_);
    thread_.start();
}

SaidSearch::~SaidSearch() {
    ++*asked_;
    // the connection ends on the thread it was made on
    QMetaObject::invokeMethod(worker_, [library = library_, worker = worker_] {
        library->reset();
        worker->deleteLater();
        QThread::currentThread()->quit();
    });
    thread_.wait();
}

void SaidSearch::look_for(const QString& words) {
    const int number = ++*asked_;
    QMetaObject::invokeMethod(worker_, [this, words, number, folder = folder_, asked = asked_, library = library_] {
        if (*asked != number) return;
        if (!*library) {
            auto opened = store::Library::read(folder);
            if (!opened) {
                emit failed(words, theme::text(opened.error().message));
                return;
            }
            *library = std::move(*opened);
        }
        const auto lines = (*library)->find_said(words.toStdString(), kMost);
        if (*asked != number) return;
        if (lines)
            emit found(words, *lines);
        else
            emit failed(words, theme::text(lines.error().message));
    });
}

}  // namespace anagraph::app
