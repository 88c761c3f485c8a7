// No call to the network, whatever a drawing names: the program runs with sockets of the internet forbidden by the kernel (seccomp: Linux
// manual, seccomp(2) and bpf(2)), and one attempt ends it.
#include "render/outside.h"

#include "files/bytes.h"
#include "files/pictures.h"

#include <catch2/catch.hpp>

#include <cstddef>
#include <fcntl.h>
#include <linux/audit.h>
#include <linux/filter.h>
#include <linux/seccomp.h>
#include <sys/prctl.h>
#include <sys/socket.h>
#include <sys/syscall.h>
#include <sys/wait.h>
#include <unistd.h>

using namespace softrope;

namespace {

bool forbidNetwork()
{
    const auto argument = static_cast<unsigned>(offsetof(seccomp_data, args)); // the low half: families are small numbers
    sock_filter filter[] = {
        BPF_STMT(BPF_LD | BPF_W | BPF_ABS, static_cast<unsigned>(offsetof(seccomp_data, nr))),
        BPF_JUMP(BPF_JMP | BPF_JEQ | BPF_K, SYS_socket, 0, 4),
        BPF_STMT(BPF_LD | BPF_W | BPF_ABS, argument),
        BPF_JUMP(BPF_JMP | BPF_JEQ | BPF_K, AF_INET, 1, 0),
        BPF_JUMP(BPF_JMP | BPF_JEQ | BPF_K, AF_INET6, 0, 1),
        BPF_STMT(BPF_RET | BPF_K, SECCOMP_RET_KILL_PROCESS),
        BPF_STMT(BPF_RET | BPF_K, SECCOMP_RET_ALLOW),
    };
    const sock_fprog program{static_cast<unsigned short>(std::size(filter)), filter};
    return prctl(PR_SET_NO_NEW_PRIVS, 1, 0, 0, 0) == 0 && prctl(PR_SET_SECCOMP, SECCOMP_MODE_FILTER, &program) == 0;
}

// How the child ended; 99 when the kernel has no such filters.
template <class Act> int endOf(const Act& act)
{
    const pid_t child = fork();
    if (child == 0) {
        if (!forbidNetwork()) _exit(99);
        act();
        _exit(98);
    }
    int status = 0;
    waitpid(child, &status, 0);
    return status;
}

int endOf(std::vector<std::string> command)
{
    std::vector<char*> argv;
    for (std::string& c : command) argv.push_back(c.data());
    argv.push_back(nullptr);
    return endOf([&] {
        const int nowhere = open("/dev/null", O_WRONLY);
        dup2(nowhere, 1);
        dup2(nowhere, 2);
        execv(argv[0], argv.data());
    });
}

} // namespace

TEST_CASE("no drawing makes the program call the network")
{
    // The trap itself works.
    const int trapped = endOf([] { _exit(socket(AF_INET, SOCK_STREAM, 0) >= 0 ? 1 : 2); });
    if (WIFEXITED(trapped) && WEXITSTATUS(trapped) == 99) {
        WARN("no seccomp here");
        return;
    }
    REQUIRE(WIFSIGNALED(trapped));
    CHECK(endOf([] { _exit(socket(AF_UNIX, SOCK_STREAM, 0) >= 0 ? 0 : 2); }) == 0);

    const outside::Folder f;
    const std::string far = "http://127.0.0.1:9/far";
    const std::string drawing =
        "<?xml-stylesheet type='text/css' href='" + far + ".css'?><!DOCTYPE svg [<!ENTITY e SYSTEM '" + far +
        ".xml'>]>"
        "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='90' height='90'><style>@import url(" +
        far + ".css);@font-face{font-family:Far;src:url(" + far + ".woff)}rect{fill:url(" + far + "#g)}</style><image width='40' height='40' xlink:href='" +
        far + ".png'/><use xlink:href='" + far + ".svg#a'/><filter id='f'><feImage xlink:href='" + far +
        ".png'/></filter><rect width='50' height='50' filter='url(#f)'/><text y='40' font-family='Far'>&e;far</text>"
        "<mask id='m'><image width='40' height='40' xlink:href='" +
        far + ".png'/></mask><circle r='40' mask='url(#m)'/></svg>";
    REQUIRE(files::saveAtomically(f.at("far.svg"), drawing).ok());
    const std::string cli = SOFT_ROPE_CLI;
    for (const std::vector<std::string>& command : {std::vector<std::string>{cli, "info", f.at("far.svg")},
                                                    {cli, "export", f.at("far.svg"), "-o", f.at("a.png")},
                                                    {cli, "export", f.at("far.svg"), "-o", f.at("a.svg")},
                                                    {cli, "export", f.at("far.svg"), "-o", f.at("a.pdf")},
                                                    {cli, "reduce", f.at("far.svg"), "-o", f.at("b.svg")}}) {
        INFO(command[1]);
        const int end = endOf(command);
        CHECK(WIFEXITED(end));
        CHECK(WEXITSTATUS(end) < 90); // it was run
    }
    // The window too, with the drawing opened, gone through in several steps and its way of working shown.
    const int end = endOf({"/usr/bin/env", "QT_QPA_PLATFORM=offscreen", "XDG_CONFIG_HOME=" + f.at("config"), "XDG_STATE_HOME=" + f.at("state"), SOFT_ROPE_APP,
                           "--own-process", "--run", "step-build,step-colour,step-proof,step-place,job", "--screenshot", f.at("window.png"), f.at("far.svg")});
    CHECK(WIFEXITED(end));
    CHECK(WEXITSTATUS(end) == 0);
    CHECK(files::readPictureFile(f.at("window.png")).ok());
}
