// Every file of the folders given, through the target it is linked with: seeds, and what once broke something.
#include "fuzz/target.h"

#include <algorithm>
#include <filesystem>
#include <fstream>
#include <iterator>
#include <vector>

int main(int count, char** arguments)
{
    std::size_t n = 0;
    for (int k = 1; k < count; ++k) {
        std::vector<std::filesystem::path> files;
        for (const auto& f : std::filesystem::directory_iterator(arguments[k])) files.push_back(f.path());
        std::sort(files.begin(), files.end());
        for (const auto& f : files) {
            std::ifstream in(f, std::ios::binary);
            const std::vector<char> bytes{std::istreambuf_iterator<char>(in), {}};
            std::printf("%s\n", f.filename().c_str());
            std::fflush(stdout); // told before it goes wrong
            LLVMFuzzerTestOneInput(reinterpret_cast<const std::uint8_t*>(bytes.data()), bytes.size());
            // Cut off anywhere, too.
            for (const std::size_t part : {bytes.size() / 2, bytes.size() - std::min<std::size_t>(1, bytes.size())})
                LLVMFuzzerTestOneInput(reinterpret_cast<const std::uint8_t*>(bytes.data()), part);
            ++n;
        }
    }
    std::printf("%zu file(s)\n", n);
    return n ? 0 : 1;
}
