"""Advice in words, for window and command line alike."""

from collections.abc import Mapping

from msgspec import Struct

from daruma.core.kinds import KINDS, rooms
from daruma.core.language import continued, inner, tr
from daruma.core.parts import PART_LABEL, Function, PartKind
from daruma.core.plan.actions import Action
from daruma.core.plan.advice import Advice
from daruma.core.plan.explain import percent
from daruma.core.plan.knowing import Worth
from daruma.core.plan.planner import First
from daruma.core.plan.proofs import proof_key
from daruma.core.plan.routes import Route

_SHOWN = 0.05  # money: a smaller gap is none


class Said(Struct, frozen=True):
    """Hold advice as a heading and lines."""

    head: str
    lines: tuple[str, ...]


def advice_words(advice: Advice, promised: tuple[Function, ...], labels: Mapping[Function, str], money: str = "€") -> Said:
    """Return the best next step with its reasons, what follows a failure, and what to expect."""
    if advice.next is None and all(chance > 0.99 for chance in advice.expected.chances):
        return Said(tr("Ready for the proofs"), (tr("All that was promised should hold now: measure and test it."),))
    if advice.next is None:
        return Said(
            tr("Stop here"),
            (
                tr("No step from here is worth its time and its risk."),
                *_first_listed(advice, money),
                *_expected(advice, promised, labels, money),
            ),
        )
    lines = []
    chance = advice.options[0].chance if advice.options else 1.0
    if advice.next.finding:
        lines.append(tr("Finds with {percent} that {finding}.", percent=percent(chance), finding=advice.next.finding))
    elif chance < 1:
        lines.append(tr("Goes well with {percent}.", percent=percent(chance)))
    lines += _second(advice, money)
    lines += _first_listed(advice, money)
    lines += _after(advice)
    return Said(tr("Next: {title}", title=advice.next.figures.title), (*lines, *_expected(advice, promised, labels, money)))


def first_words(first: First, money: str = "€") -> Said:
    """Return a first answer, with what it is worth and what nothing can be worth more than."""
    worth = tr("Worth {value:.0f} to {bound:.0f} {money}, as far as is known.", value=first.value, bound=first.bound, money=money)
    going = tr("The ways are still being worked out.")
    if first.next is None:
        return Said(tr("Nothing yet"), (tr("No step is known yet that is worth its time and its risk."), worth, going))
    return Said(tr("Next: {title}", title=first.next.figures.title), (worth, going))


def _second(advice: Advice, money: str) -> list[str]:
    """Name the best that could be done instead; what is only known not to be better is not called as good."""
    rival = advice.rival
    if rival is None:
        return []
    gap, title = advice.value - rival.value, rival.action.figures.title
    return [
        tr("As good: {title}.", title=title)
        if gap < 0.5
        else tr("{gap:.0f} {money} better than: {title}.", gap=gap, money=money, title=title)
    ]


def _first_listed(advice: Advice, money: str) -> list[str]:
    """Say why the first way of the list is not begun with."""
    if advice.listed is None:
        return []
    way, gap = advice.listed
    if advice.next is None:
        return [tr("‘{way}’ is listed first, but costs {gap:.0f} {money} more than it brings.", way=way, gap=gap, money=money)]
    less = tr("is worth {gap:.0f} {money} less", gap=gap, money=money) if gap >= 0.5 else tr("is worth as much")
    return [
        tr("‘{way}’ is listed first, but {less} than what begins with this step, every failure reckoned in.", way=way, less=less)
    ]


def _on_failure(action: Action | None) -> str:
    if action is None:
        return tr("If it fails")
    if action.finding:
        return tr("If ‘{title}’ finds otherwise", title=action.figures.title)
    return tr("If ‘{title}’ fails", title=action.figures.title)


def _after(advice: Advice) -> list[str]:
    """Name the step that fails first on the way, and what is best after one, two ... failures of it."""
    if not advice.after:
        return []
    uncertain = advice.watched
    name = _on_failure(uncertain)
    tries = 1
    for step, _ in advice.after:
        if step is not None and uncertain is not None and step.key == uncertain.key:
            tries += 1
            continue
        after = "" if tries == 1 else tr(" {tries} times", tries=tries)
        return [f"{name}{after}: {_title(step)}."]
    return [tr("{name}: try again, up to {tries} times.", name=name, tries=tries)]


def _title(step: Action | None) -> str:
    return tr("stop") if step is None else continued(step.figures.title)


def _expected(advice: Advice, promised: tuple[Function, ...], labels: Mapping[Function, str], money: str) -> list[str]:
    expected = advice.expected
    kept = ", ".join(f"{labels.get(f, f.value)} {percent(p)}" for f, p in zip(promised, expected.chances, strict=True))
    spent = tr(
        "on average {minutes:.0f} min ({attended:.0f} there), {cost:.0f} {money}",
        minutes=expected.minutes,
        attended=expected.attended,
        cost=expected.cost,
        money=money,
    )
    lost = tr(", {lost:.0f} {money} of things ruined", lost=expected.lost, money=money) if expected.lost >= 0.5 else ""
    sure = (
        tr(" Nothing could be more than {gap:.1f} {money} better.", gap=advice.gap, money=money) if advice.gap >= _SHOWN else ""
    )
    return [tr("With every way back used: {kept}; {spent}{lost}.{sure}", kept=kept, spent=spent, lost=lost, sure=sure)]


def shares_words(route: Route) -> str:
    """Return how a way's minutes fall to its parts, what they share counted once; nothing where one part has all the work."""
    spoken = {proof_key(function): room.kind for room in rooms() for function in room.functions}
    minutes: dict[PartKind | None, float] = {}
    for action in route.actions:
        part = spoken.get(action.key, action.trait.part)
        kind = part if part in KINDS else None
        minutes[kind] = minutes.get(kind, 0.0) + action.minutes
    parts = [kind for kind in KINDS if kind in minutes]
    if len(parts) < 2:
        return ""
    each = ", ".join(f"{inner(PART_LABEL[kind])} {minutes[kind]:.0f}" for kind in parts)
    return tr(
        "{minutes:.0f} min for the whole phone: {shared:.0f} shared and counted once, {each}.",
        minutes=route.minutes,
        shared=minutes.get(None, 0.0),
        each=each,
    )


def worth_words(worth: tuple[Worth, ...], money: str = "€") -> tuple[str, ...]:
    """Return what is worth knowing first, as lines."""
    return tuple(
        tr("{question} Worth {money:.0f} {money_2} to know.", question=item.question, money=item.money, money_2=money)
        for item in worth
    )
