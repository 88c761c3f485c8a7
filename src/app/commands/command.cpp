#include "app/commands/command.h"

#include "app/theme/kept_number.h"

#include <QCoreApplication>
#include <QSettings>

#include <algorithm>

namespace softrope::app {

QString nameOf(Group group)
{
    const auto tr = [](const char* text) { return QCoreApplication::translate("Commands", text); };
    switch (group) {
    case Group::file: return tr("File");
    case Group::edit: return tr("Edit");
    case Group::line: return tr("Line");
    case Group::area: return tr("Area");
    case Group::shade: return tr("Shade");
    case Group::sheet: return tr("Sheet");
    case Group::view: return tr("View");
    case Group::help: return tr("Help");
    case Group::tools: return tr("Tools");
    case Group::steps: return tr("Steps");
    }
    return {};
}

bool Commands::run(const QString& id) const
{
    const Command* c = find(id);
    if (!c || (c->can && !c->can())) return false;
    const auto act = c->run;
    act();
    return true;
}

const Command* Commands::find(const QString& id) const
{
    const auto at = std::find_if(all_.begin(), all_.end(), [&](const Command& c) { return c.id == id; });
    return at == all_.end() ? nullptr : &*at;
}

void Commands::fixKeys(const QString& id)
{
    for (Command& c : all_)
        if (c.id == id) c.fixedKeys = true;
}

void Commands::moveFixedKeys(const QString& id, const QString& keys)
{
    for (Command& c : all_)
        if (c.id == id && c.fixedKeys) c.keys = keys;
    emit keysChanged();
}

QString Commands::keysOf(const Command& c) const
{
    return c.fixedKeys ? c.keys : openSettings().value("keys/" + c.id, c.keys).toString();
}

const Command* Commands::holderOf(const QString& keys, const QString& but) const
{
    if (keys.isEmpty()) return nullptr;
    const auto at = std::find_if(all_.begin(), all_.end(), [&](const Command& c) { return c.id != but && keysOf(c) == keys; });
    return at == all_.end() ? nullptr : &*at;
}

void Commands::keep(const Command& c, const QString& keys)
{
    QSettings kept;
    if (keys == c.keys)
        kept.remove("keys/" + c.id);
    else
        kept.setValue("keys/" + c.id, keys);
}

void Commands::setKeys(const QString& id, const QString& keys)
{
    const Command* c = find(id);
    if (!c || c->fixedKeys) return;
    if (const Command* holder = holderOf(keys, id)) {
        if (holder->fixedKeys) return;
        keep(*holder, {});
    }
    keep(*c, keys);
    emit keysChanged();
}

void Commands::reset(const QString& id)
{
    if (const Command* c = find(id)) setKeys(id, c->keys);
}

void Commands::resetAll()
{
    QSettings().remove("keys");
    emit keysChanged();
}

} // namespace softrope::app
