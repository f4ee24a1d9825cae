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
        core::Result<std::vector<store::SaidLine>> lines = std::vector<store::SaidLine>{};
        if (!*library) {
            auto opened = store::Library::read(folder);
            if (opened)
                *library = std::move(*opened);
            else
                lines = tl::make_unexpected(opened.error());
        }
        if (lines) lines = (*library)->find_said(words.toStdString(), kMost);
        // back on the window's thread, where other words may have been asked for meanwhile
        QMetaObject::invokeMethod(this, [this, words, number, answer = std::move(lines)] {
            if (*asked_ != number) return;
            if (answer)
                emit found(words, *answer);
            else
                emit failed(words, theme::text(answer.error().message));
        });
    });
}

}  // namespace anagraph::app
