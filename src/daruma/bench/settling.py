"""Settle acts in doubt: by reading what they were on."""

import hashlib
from collections.abc import Callable, Mapping

from daruma.bench.acting import Found, state_of
from daruma.bench.context import Context
from daruma.bench.phone_acts import looked_at
from daruma.bench.reading import read_image
from daruma.bench.rig import Rig
from daruma.core.acts import Act, ActKind, ActState, phone_of, what, where
from daruma.core.errors import Trouble
from daruma.core.job import Job, StepState
from daruma.core.kinds import trait
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.parts import PartKind, Version
from daruma.link.errors import LinkError
from daruma.store.shop import Shop

Looks = Mapping[ActKind, Callable[[Rig, Act, Context], Found[object]]]


def doubts_of(shop: Shop, job: Job) -> tuple[Act, ...]:
    """Return the acts in doubt on what a job has in hand: its parts, its phone; and those it began itself."""
    dies = {phone_of(job.uid), *job.dies}
    return tuple(act for act in shop.journal.in_doubt() if act.die in dies or act.job == job.uid)


def refuse_past_doubt(shop: Shop, job: Job) -> None:
    """Raise Trouble where an act on what the job has in hand is in doubt: nobody plans or acts past it."""
    for act in doubts_of(shop, job):
        raise Trouble(
            tr("Act {number} ({what}) was never settled: what it did is not known.", number=act.number, what=what(act)),
            safe=tr("Nothing was done. What is in the vault is safe."),
            advice=tr("{where}, then settle the act.", where=where(act)),
        )


def settle_doubt(rig: Rig, shop: Shop, model: Model, act: Act, job: Job, context: Context, looks: Looks) -> ActState:
    """Settle an act in doubt by what the part, phone or programmer says; raise Trouble where it is another one.

    `looks` are how acts that only one kind of part knows are looked at.
    """
    if shop.journal.is_under_way(act):
        raise Trouble(
            tr("Act {number} is being carried out in another window.", number=act.number),
            safe=tr("Nothing was changed."),
            advice=tr("Wait until it is finished."),
        )
    try:
        found = looks[act.kind](rig, act, context) if act.kind in looks else _look(rig, model, act, job, context)
    except LinkError:
        rig.drop("programmer")
        rig.drop("phone")
        raise
    state, note = state_of(act.kind, act.answer, found), tr("settled by looking: {found}", found=found.words)
    shop.journal.settle(act, state, note, context.now(), answer=act.answer or tr("never heard"), found=found.told)
    return state


def _look(rig: Rig, model: Model, act: Act, job: Job, context: Context) -> Found[object]:
    match act.kind:
        case ActKind.WRITE:
            return _carried(rig, model, act, context)
        case ActKind.FIRMWARE:
            said = rig.programmer().hello()
            _same(said.serial, act)
            done = said.firmware >= Version.parse(act.digest)
            return Found(
                done,
                str(said.firmware),
                None,
                tr("the programmer has firmware {firmware}", firmware=said.firmware),
                untouched=not done,
            )
        case ActKind.UNBIND | ActKind.FINISH | ActKind.RELEASE | ActKind.FLASH:
            _same(phone_of(job.uid) if rig.phone().state().imei == job.ticket.imei else tr("another phone"), act)
            return looked_at(rig, act.kind, _finishing(job))
        case ActKind.ACTIVATE | ActKind.ENABLE:
            # whether it opened cannot be seen from outside: begun is spent
            return Found(False, "", None, tr("begun, so it counts as spent"))


def _finishing(job: Job) -> PartKind:
    """Return the part that a job's phone was to finish: that of the step which is not done."""
    steps = [(step.state, trait(step.action)) for step in job.steps]
    parts = [its.part for state, its in steps if its.act is ActKind.FINISH and state is not StepState.DONE]
    return next((part for part in parts if part is not None), PartKind.DISPLAY)


def _carried(rig: Rig, model: Model, act: Act, context: Context) -> Found[object]:
    sockets = rig.programmer().sockets()
    place = next((name for name, part in sockets.items() if part is not None and part.die == act.die), None)
    if place is None:
        there = next((part for part in sockets.values() if part is not None), None)
        said = tr("{there} is on the socket", there=there.name()) if there else tr("No part answers on any socket")
        raise _elsewhere(said, act)
    part = sockets[place]
    assert part is not None
    part, image = read_image(rig, model, part.kind, place, context.unstoppable(0, 1, tr("reading what is on it")))
    _same(part.die, act)
    found = hashlib.sha256(image).hexdigest()
    if found == act.digest:
        return Found(True, found, None, tr("the planned bytes are on it"))
    untouched = found == act.before
    words = tr("it carries what it carried before") if untouched else tr("it carries neither the old nor the planned bytes")
    return Found(False, found, None, words, untouched)


def _same(there: str, act: Act) -> None:
    if there != act.die:
        raise _elsewhere(tr("{there} is there", there=there), act)


def _elsewhere(there: str, act: Act) -> Trouble:
    return Trouble(
        tr("{there}; the act was on another one: {what}.", there=there, what=what(act)),
        safe=tr("Nothing was changed."),
        advice=tr("{where}, then settle the act.", where=where(act)),
    )
