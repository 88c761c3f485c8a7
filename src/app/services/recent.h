// The pieces that were open last, with small pictures of them.
#pragma once

#include <QImage>
#include <QString>

#include <vector>

namespace softrope::app {

struct RecentPiece {
    QString path, title;
    qint64 when = 0; // s since the epoch
};
constexpr int mostRecent = 12;

// Those whose files are still there, the last one first.
std::vector<RecentPiece> recentPieces();
void noteRecent(const QString& path, const QString& title);
void forgetRecent();
// Another number once the list has changed.
unsigned recentState();
// The piece within that size, references and all; kept in the cache folder for the next time. Any thread, may be slow; null where the file
// cannot be read.
QImage recentPicture(const QString& path, QSize size);

// The state of a file, to see whether it is another now; empty where there is none.
QString stampOf(const QString& path);

// Which files were open when the program was quit, to go on with.
QStringList openLastTime();
void keepOpenNow(const QStringList& paths);

} // namespace softrope::app
