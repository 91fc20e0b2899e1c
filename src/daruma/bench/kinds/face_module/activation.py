"""Activating a face module, once in its life: what must hold at that moment, the act, what is seen after it."""

from collections.abc import Callable
from contextlib import suppress

from msgspec.structs import replace

from daruma.bench.acting import Found, Intent, Sent, act
from daruma.bench.context import Context
from daruma.bench.doing import Doing
from daruma.bench.rig import BenchState, Rig
from daruma.bench.writing import evidence_of, is_doubtful, source_of
from daruma.core.acts import Act, ActKind
from daruma.core.errors import Trouble
from daruma.core.face import LineTest, said_state
from daruma.core.interlocks import Interlock, PhoneEvidence, firmware_of, kept, owner, phone_interlocks, settled
from daruma.core.job import Job
from daruma.core.kinds.face_module import KIND, FaceWork
from daruma.core.language import tr
from daruma.core.parts import PartSelf
from daruma.link.devices import PhoneState, SupplyState
from daruma.link.errors import LinkError
from daruma.store.twice import is_kept

SOCKET = "face"  # the programmer's place for face modules
VOLTS, TOLERANCE = 19.0, 0.5  # common practice, no source
SECOND_LOOK = 10.0  # seconds: a switch that is half open shows itself only then
MOST_LOOKS = 3


def activation_locks(doing: Doing, job: Job, bench: BenchState) -> tuple[Interlock, ...]:
    """Evaluate everything that must hold at the moment of an activation: module and adapter that are there now are asked."""
    work, model = job.of(FaceWork), doing.model(job)
    seated = bench.sockets.get(SOCKET)
    test = _asked(doing.rig, seated)
    _, backup = source_of(doing.shop, model, work.source, KIND, doing.decoded)
    # whose map it is says the backup itself, which nothing that was seated since can have changed
    own = seated is not None and backup is not None and seated.kind is KIND and seated.die == backup.content.die
    if seated is None:
        said = tr("no module answers on the programmer")
    else:
        said = tr("the one that was backed up") if own else tr("{seated} is not the one that was backed up", seated=seated.name())
    twice = backup is not None and is_kept(doing.shop.second, work.second, backup)
    second = tr("{second}, read back", second=work.second) if twice else tr("the second place has no such backup")
    return (
        *_phone(doing, job)[:2],
        Interlock("module", tr("Original module seated"), own, said, tr("Seat this phone's own module on the programmer.")),
        kept(evidence_of(backup), tr("Back up the dot map.")),
        owner(evidence_of(backup), job.ticket.imei, model),
        Interlock("second", tr("Kept in the second place"), twice, second, tr("Name a second place, then back up once more.")),
        *_supply(doing.rig, test),
        firmware_of(bench.firmware, model),
        _unused(test),
        settled(is_doubtful(doing.shop, seated)),
    )


def _phone(doing: Doing, job: Job) -> tuple[Interlock, ...]:
    try:
        state: PhoneState | None = doing.rig.phone().state()
    except Trouble:
        doing.rig.drop("phone")
        state = None
    evidence = PhoneEvidence(
        state.imei if state else None,
        job.ticket.imei,
        state is not None and state.trusted,
        state.system if state else None,
        None,
    )
    return phone_interlocks(evidence)


def _asked(rig: Rig, seated: PartSelf | None) -> LineTest | None:
    """Return what the module that is seated, and its adapter, say now; None where they do not."""
    if seated is None:
        return None
    try:
        return rig.programmer().test_lines(SOCKET, seated.die)
    except Trouble:
        rig.drop("programmer")
        return None


def _supply(rig: Rig, test: LineTest | None) -> tuple[Interlock, ...]:
    if test is not None and test.own_supply:
        return (Interlock("volts", tr("Supply at 19 V"), True, tr("the adapter has its own supply")),)
    state: SupplyState | None = None
    with suppress(Trouble):
        state = rig.supply().state()
    if state is None:
        rig.drop("supply")
    right = state is not None and state.kind == "dc" and abs(state.volts - VOLTS) <= TOLERANCE
    lamp = state is not None and state.lamp
    measured = (
        tr(
            "{volts:.2f} V measured, {volts_given:g} ± {tolerance:g} V wanted",
            volts=state.volts,
            volts_given=VOLTS,
            tolerance=TOLERANCE,
        )
        if state is not None
        else tr("no supply answers")
    )
    return (
        Interlock(
            "volts",
            tr("Supply at 19 V"),
            right,
            measured,
            tr("Set the supply to {volts:g} V direct current, output on.", volts=VOLTS),
        ),
        Interlock(
            "lamp", tr("Supply's lamp is lit"), lamp, tr("lit") if lamp else tr("dark"), tr("Switch the supply's output on.")
        ),
    )


def _unused(test: LineTest | None) -> Interlock:
    unused = test is not None and not test.activated and test.counter == 0
    if test is None:
        said = tr("the module that is seated does not answer")
    else:
        said = tr("switch {switch}, counter {counter}", switch=said_state(test.switch), counter=test.counter)
    return Interlock(
        "counter", tr("Module never activated"), unused, said, tr("Use another module: this one's activation is spent.")
    )


def activate(doing: Doing, job: Job, context: Context, lit: Callable[[], tuple[Interlock, ...]]) -> tuple[Job, str]:
    """Activate the module on the programmer; raise InterlockDark before anything is sent, WriteFailed or InDoubt after it."""
    seated = doing.rig.programmer().sockets().get(SOCKET)
    if seated is None:
        raise Trouble(
            tr("No module answers on the programmer."),
            safe=tr("Nothing was sent."),
            advice=tr("Seat the module, then try again."),
        )
    work = job.of(FaceWork)
    intent = Intent(
        ActKind.ACTIVATE,
        job,
        seated.die,
        lit(),
        work.source,
        safe=tr("The dot map is in the vault and in the second place. The activation counts as spent."),
        advice=tr("Leave everything as it is and look at the module once more."),
    )
    trace: list[tuple[float, float]] = []
    found = act(
        doing.shop.journal,
        intent,
        context,
        lambda sent: _send(doing.rig, seated, context, sent, trace),
        lambda: looked(doing.rig, seated.die, context),
    )
    work = job.of(FaceWork)
    seen = replace(work, tests=(*work.tests, replace(found, when=context.now())), trace=tuple(trace))
    return job.having(seen), tr("the power switch is open")


def _send(rig: Rig, seated: PartSelf, context: Context, sent: Sent, trace: list[tuple[float, float]]) -> None:
    report = context.unstoppable(0.0, 0.7, "activating")

    def step(done: float) -> None:
        with suppress(Trouble):
            state = rig.supply().state()
            trace.append((state.volts, state.amperes))
            context.sample(state)
            context.report(0.7 * done, tr("activating: {volts:.2f} V, {amperes:.2f} A", volts=state.volts, amperes=state.amperes))
            return
        report(done)

    try:
        rig.programmer().activate(SOCKET, seated.die, step, sent.now)
    except LinkError:
        rig.drop("programmer")
        raise


def looked(rig: Rig, die: str, context: Context) -> Found[LineTest]:
    """Look at switch and counter twice, ten seconds apart: a switch that is half open is not seen at once.

    One that opens between the two looks, since the pulse went on meanwhile, is looked at once more.
    """
    tests = [_look_at(rig, die)]
    while len(tests) < 2 or (len(tests) < MOST_LOOKS and tests[-1].activated and not tests[-2].activated):
        context.wait(SECOND_LOOK * rig.settle, 0.8, tr("looking once more"))
        tests.append(_look_at(rig, die))
    first, second = tests[-2:]
    opened = all(test.activated and test.counter == 1 for test in (first, second))
    untouched = all(not test.activated and test.counter == 0 for test in tests)
    told = tr(
        "switch {switch}, then {switch_2}; counter {counter}",
        switch=said_state(first.switch),
        switch_2=said_state(second.switch),
        counter=second.counter,
    )
    return Found(opened, told, second, tr("the power switch is open, looked at twice"), untouched=untouched)


def _look_at(rig: Rig, die: str) -> LineTest:
    try:
        return rig.programmer().test_lines(SOCKET, die)
    except LinkError:
        rig.drop("programmer")
        raise


def settled_by_looking(rig: Rig, done: Act, context: Context) -> Found[object]:
    """Return what became of an activation in doubt: begun is spent; only an open switch says that it went well."""
    found = looked(rig, done.die, context)
    words = found.words if found.as_meant else tr("{told}: not open, and spent", told=found.told)
    return Found(found.as_meant, found.told, None, words, untouched=found.untouched)
