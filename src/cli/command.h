// The commands of soft-rope-cli. Each is added to the command line by the file that does its work; what the line asks for becomes `work`.
#pragma once

#include <functional>

namespace CLI {
class App;
}

namespace softrope::cli {

// Gives an exit code (streams.h).
using Work = std::function<int()>;

void addOutline(CLI::App& app, Work& work);
void addLines(CLI::App& app, Work& work);
void addTones(CLI::App& app, Work& work);
void addRope(CLI::App& app, Work& work);
void addTrace(CLI::App& app, Work& work);
void addReduce(CLI::App& app, Work& work);
void addFit(CLI::App& app, Work& work);
void addCombine(CLI::App& app, Work& work);
void addAreas(CLI::App& app, Work& work);
void addMirror(CLI::App& app, Work& work);
void addFlatten(CLI::App& app, Work& work);
void addLetter(CLI::App& app, Work& work);
void addFaces(CLI::App& app, Work& work);
void addExport(CLI::App& app, Work& work);
void addProof(CLI::App& app, Work& work);
void addProcesses(CLI::App& app, Work& work);
void addDeliver(CLI::App& app, Work& work);
void addMake(CLI::App& app, Work& work);
void addInfo(CLI::App& app, Work& work);

} // namespace softrope::cli
