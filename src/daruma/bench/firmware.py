"""Bring the programmer to the firmware that a model needs, under the journal."""

from daruma.bench.acting import Found, Intent, Sent, act
from daruma.bench.context import Context
from daruma.bench.rig import Rig
from daruma.core.acts import ActKind
from daruma.core.interlocks import Interlock
from daruma.core.job import Job
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.parts import Version
from daruma.link.errors import LinkError
from daruma.store.shop import Shop


def update_firmware(rig: Rig, shop: Shop, model: Model, job: Job, context: Context) -> Version:
    """Bring the programmer to the firmware that the model needs; return the version it then has."""
    there, needed = rig.programmer().hello(), model.programmer_firmware
    doubtful = any(each.die == there.serial for each in shop.journal.in_doubt())
    said = (
        tr("an earlier update was never settled")
        if doubtful
        else tr("has {firmware}, {model} needs {needed}", firmware=there.firmware, model=model.name, needed=needed)
    )
    lock = Interlock("doubt", tr("Programmer ready for an update"), not doubtful, said, tr("Settle the act in doubt first."))
    intent = Intent(
        ActKind.FIRMWARE,
        job,
        there.serial,
        (lock,),
        digest=str(needed),
        before=str(there.firmware),
        safe=tr("No part was touched."),
        advice=tr("Update it once more."),
    )

    def send(sent: Sent) -> None:
        programmer, report = rig.programmer(), context.unstoppable(0, 1, tr("updating the programmer"))
        try:
            programmer.update_firmware(needed, report, sent.now)
        except LinkError:
            rig.drop("programmer")
            raise

    def look_back() -> Found[Version]:
        now = rig.programmer().hello().firmware
        return Found(
            now >= needed, str(now), now, tr("the programmer has firmware {now}", now=now), untouched=now == there.firmware
        )

    return act(shop.journal, intent, context, send, look_back)
