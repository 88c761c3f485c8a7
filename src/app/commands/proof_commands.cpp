// The commands of the Proof step.
#include "app/commands/desk.h"
#include "app/services/proofing.h"

namespace softrope::app {

void addProofCommands(CommandDesk& at)
{
    using enum Group;
    const auto step = [&at](int by) {
        at.setStep(StepId::proof);
        if (const auto k = at.proofing.takeNext(by)) at.show(at.proofing.found()[*k].at);
    };
    at.add("next-finding", tr("Next finding"), "F11", sheet, [step] { step(1); });
    at.add("finding-before", tr("Finding before"), "Shift+F11", sheet, [step] { step(-1); });
    at.add(
        "mend-finding", tr("Mend the finding in hand"), "Ctrl+F11", sheet,
        [&at] {
            if (const auto k = at.proofing.inHand()) at.proofing.mend(*k);
        },
        [&at] { return at.proofing.inHand().has_value(); });
    at.add("mend-all", tr("Mend all that is safe"), "Ctrl+Shift+F11", sheet, [&at] { at.proofing.mendAll(); });
    at.add(
        "meant-so", tr("Meant so: the finding in hand stays"), "Alt+F11", sheet,
        [&at] {
            if (const auto k = at.proofing.inHand()) at.proofing.leave(*k);
        },
        [&at] { return at.proofing.inHand().has_value(); });
    at.add(
        "tell-all-again", tr("Tell meant findings again"), "Alt+Shift+F11", sheet, [&at] { at.proofing.tellAll(); }, [&at] { return at.proofing.left() > 0; });
    at.add("see-large", tr("See it large: the next way"), "F10", sheet, [&at] { at.parts.seeLarge(); });
    at.add("process-cards", tr("Process cards…"), "Alt+Shift+J", sheet, [&at] { at.files.processCards(); });
    at.add("proof-marks", tr("Marks of the proof"), "Ctrl+Alt+F11", view, [&at] { at.parts.toggleMarks(); });
}

} // namespace softrope::app
