"""The phone's finishing session as the planner sees it: begun once, every part that waits for it finished in the same go."""

from daruma.core.finishing import Origin
from daruma.core.language import tr
from daruma.core.parts import PART_NOUN, PartKind
from daruma.core.plan.actions import Action, Bar, Effort
from daruma.core.plan.case import Case
from daruma.core.plan.state import Needs, Val, Var, needs
from daruma.core.plan.workbench import FITTED, Workbench

BEGIN = "begin_finishing"
_BEGUN = needs(Var.SESSION, Val.YES, otherwise=tr("finishing is not begun on the phone"))


def finish_bars(case: Case, kind: PartKind) -> tuple[Bar | None, ...]:
    """Return why the phone finishes no part of a kind: no network, a model or a version that does not."""
    network = None if case.kit.network else Bar(tr("finishing needs a network"), Effort.AT_HAND)
    return network, era_bar(case, kind)


def era_bar(case: Case, kind: PartKind) -> Bar | None:
    """Return why model and version finish no part of a kind; None where they do."""
    since = case.model.finishing_since
    if since is None:
        return Bar(tr("{model} knows no finishing", model=case.model.name), Effort.PHONE)
    if case.system < since:
        return Bar(
            tr(
                "{system_name} {system} is older than finishing on the phone ({since})",
                system_name=case.system_name,
                system=case.system,
                since=since,
            ),
            Effort.PHONE,
        )
    if kind not in case.model.era(case.system).finishes:
        return Bar(
            tr(
                "{system_name} {system} finishes no {part}",
                system_name=case.system_name,
                system=case.system,
                part=PART_NOUN[kind],
            ),
            Effort.PHONE,
        )
    return None


def is_locked(case: Case, kind: PartKind, origin: Origin) -> bool:
    """Return whether a part is locked to an account: not every kind can be, by the era."""
    return origin is Origin.LOCKED and kind in case.model.era(case.system).lockable


def locked_bar(case: Case, kind: PartKind, origin: Origin) -> Bar | None:
    """Return why a part that is locked to an account is not finished; None for any other."""
    locked = is_locked(case, kind, origin)
    return Bar(tr("the part is locked to an account: only its owner can release it"), Effort.PART) if locked else None


def in_session(bench: Workbench, kind: PartKind) -> tuple[Needs, ...]:
    """Return what finishing a part of a kind needs: the session, and nothing of others that leaves every part unfinished."""
    others = (need for other, asked in bench.around.pending.items() if other is not kind for need in asked)
    return (_BEGUN, *others)


def session_actions(bench: Workbench) -> tuple[Action, ...]:
    """Return beginning the session on the closed phone."""
    return (bench.action(BEGIN, (FITTED,), {Var.SESSION: Val.YES}, hands=("begin_finishing",), sets_up=True),)
