"""The ways of the trade emerge from the actions (what each school does: common practice, no source)."""

import pytest
from msgspec.structs import replace

from daruma.catalogue.loader import Catalogue
from daruma.core.history import history
from daruma.core.job import Job, Step, StepState
from daruma.core.kinds.display.facts import ChipPlace, NewPanel, OriginalState, PanelKind, PanelRecord
from daruma.core.kinds.display.state import PanelVal, PanelVar
from daruma.core.kinds.display.work import DisplayTicket, DisplayWork
from daruma.core.kinds.sensor_flex import FlexState, FlexVar
from daruma.core.pairing import Facts, evaluate
from daruma.core.parts import CARRIER, Function, Identity, PartKind, PartSelf
from daruma.core.plan.actions import Action, ActionFigures, Bar, Effort
from daruma.core.plan.explain import explain
from daruma.core.plan.goals import goal
from daruma.core.plan.kit import Kit
from daruma.core.plan.money import Aim, Preferences
from daruma.core.plan.odds import Outcomes, Record
from daruma.core.plan.planner import make_plan
from daruma.core.plan.rules import OrderRule, cycle, ordered
from daruma.core.plan.solution import solve
from daruma.core.plan.state import Val, Var, needs
from daruma.core.plan.whatif import all_changed, changed, difference, facts
from daruma.core.plan.words import advice_words, worth_words
from daruma.core.tri import Tri
from tests.core.plan.cases import ALL, GONE, WHITE, case, keys, solved, varied, ways

MOVE = "Read the original, move the touch chip"


def in_order(steps: list[str], *wanted: str) -> bool:
    return [key for key in steps if key in wanted] == list(wanted)


def test_original_present_chip_not_yet_moved(catalogue: Catalogue) -> None:
    """Keep, write, only then heat; fit, then prove."""
    plan = solved(case(catalogue), catalogue)
    steps = keys(plan, MOVE)
    assert in_order(
        steps,
        "open_phone",
        "original_to_socket",
        "read_original",
        "new_to_socket",
        "read_new",
        "write_new",
        "lift_chip",
        "clear_new_chip",
        "solder_chip",
        "fit",
    )
    assert steps[-4:] == [f"prove_{function.value}" for function in ALL]
    route = plan.route(MOVE)
    assert route.writes == 1
    assert {knot.key for knot in route.knots} == {"write_new", "lift_chip", "clear_new_chip", "solder_chip"}
    assert plan.routes[0] is route, "the recommended one keeps all that is promised"


def test_chip_already_moved(catalogue: Catalogue) -> None:
    """Reading the new panel gives the chip's code; the serial comes from elsewhere; no heat."""
    made = case(catalogue, original=OriginalState.DAMAGED, chip=ChipPlace.MOVED, serial_on_paper=True)
    steps = keys(solved(made, catalogue), "Type the serial from paper")
    assert in_order(steps, "typed_serial", "read_new", "write_new", "fit")
    assert not {"lift_chip", "solder_chip", "clear_new_chip"} & set(steps)


def test_no_original(catalogue: Catalogue) -> None:
    """With a backup: from the vault. Without: unbind on the phone where the version allows it, else lift the memory."""
    kept = solved(case(catalogue, earlier_backup=True, promised=WHITE, **GONE), catalogue)  # type: ignore[arg-type]
    assert "Use an earlier backup" in ways(kept)
    old = solved(case(catalogue, "birch", "3.6", promised=WHITE, **GONE), catalogue)  # type: ignore[arg-type]
    assert in_order(keys(old, "Unbind on the phone"), "unbind_on_phone", "codes_over_cable", "write_new", "fit")
    assert {way.way for way in old.closed if way.open} >= {"Lift the BGA110 memory"}, "open, but beaten"
    new = solved(case(catalogue, "damson", "4.8", promised=WHITE, **GONE), catalogue)  # type: ignore[arg-type]
    steps = keys(new, "Lift the BGA315 memory")
    assert in_order(
        steps, "lift_memory", "unbind_memory", "refit_memory", "start_trial", "codes_over_cable", "end_trial", "write_new"
    )
    assert new.route("Lift the BGA315 memory").board_heat == 2
    assert {p.function for p in new.route("Lift the BGA315 memory").promises if p.chance > 0} == set(WHITE)


@pytest.mark.parametrize(("key", "package"), [("birch_l", "BGA110"), ("cedar", "BGA315")])
def test_either_memory_package(catalogue: Catalogue, key: str, package: str) -> None:
    made = case(catalogue, key, "4.5", promised=WHITE, **GONE)  # type: ignore[arg-type]
    assert f"Lift the {package} memory" in ways(solved(made, catalogue))
    without = varied(made, kit=replace(made.kit, memory_sockets=frozenset()))
    closed = {way.way: way.reason for way in solved(without, catalogue).closed}
    assert closed[f"Lift the {package} memory"] == f"the bench has no {package} socket"


def test_finishing_by_era(catalogue: Catalogue) -> None:
    """5.0 to 5.2 takes only a whole genuine panel, 5.3 any panel with a genuine chip and data that agree with it."""
    coded = (NewPanel(PanelKind.READY_CODED, "Fenwick", price=34, brand=catalogue.brands["marl"]),)
    assert "Finish on the phone" in ways(solved(case(catalogue, system="5.1"), catalogue))
    early = solved(case(catalogue, system="5.1", panels=coded), catalogue)
    assert {w.way: w.reason for w in early.closed}["Finish on the phone"] == "it accepts only whole genuine panels"
    late = solved(case(catalogue, system="5.3", panels=coded), catalogue)
    assert in_order(keys(late, "Finish on the phone"), "check_donor", "fit", "finish_on_phone", "prove_no_display_notice")
    assert late.route("Finish on the phone").writes == 0
    bare = (NewPanel(PanelKind.AFTERMARKET, "Fenwick", record=PanelRecord.COMPLETE),)
    fake = solved(case(catalogue, system="5.3", panels=bare), catalogue)
    assert {w.way: w.reason for w in fake.closed}["Finish on the phone"] == "no genuine touch chip is on the panel"
    locked = (NewPanel(locked=Tri.YES),)
    shut = solved(case(catalogue, system="5.3", panels=locked), catalogue)
    assert {w.way: w.reason for w in shut.closed}[
        "Finish on the phone"
    ] == "the panel is locked to an account or its touch flex was replaced"
    blank = (NewPanel(PanelKind.GENUINE_USED, record=PanelRecord.BLANK),)
    given = solved(case(catalogue, system="5.3", panels=blank, original=OriginalState.ANSWERS), catalogue)
    assert any("write for the panel's own chip, finish on the phone" in way for way in ways(given)), "data first, then finishing"


def test_both_brand_orders(catalogue: Catalogue) -> None:
    """Marl wants its data before the chip comes, Quillon takes them before or after."""
    orders = {}
    for name in ("marl", "quillon"):
        panel = NewPanel(PanelKind.AFTERMARKET, "Fenwick", brand=catalogue.brands[name], price=30)
        made = case(catalogue, original=OriginalState.ANSWERS, panels=(panel,))
        steps = keys(solved(made, catalogue), MOVE)
        orders[name] = steps.index("write_new") < steps.index("lift_chip")
    assert orders["marl"]
    chip_first = NewPanel(PanelKind.AFTERMARKET, "Fenwick", brand=catalogue.brands["quillon"], price=30)
    paper = case(catalogue, original=OriginalState.DAMAGED, panels=(chip_first,), serial_on_paper=True, complete_record=True)
    moving = [way for way in ways(solved(paper, catalogue)) if "move the touch chip" in way]
    assert moving
    assert all("solder_chip" in keys(solved(paper, catalogue), way) for way in moving)
    strict = varied(paper, panels=(replace(chip_first, brand=catalogue.brands["marl"]),))
    for way in [way for way in ways(solved(strict, catalogue)) if "move the touch chip" in way]:
        steps = keys(solved(strict, catalogue), way)
        assert steps.index("write_new") < steps.index("lift_chip")
    unsocketed = varied(strict, kit=Kit(memory_sockets=frozenset()))
    assert not any("move the touch chip" in way for way in ways(solved(unsocketed, catalogue)))


def test_an_incomplete_record_is_tuned(catalogue: Catalogue) -> None:
    made = case(
        catalogue, "alder_l", "3.9", promised=(Function.AMBIENT_WHITE, Function.AUTO_BRIGHTNESS), complete_record=True, **GONE
    )  # type: ignore[arg-type]
    made = varied(made, panels=(NewPanel(record=PanelRecord.BOARDS_PARTIAL),))
    steps = keys(solved(made, catalogue), "Codes over the cable, tune a complete record")
    assert in_order(steps, "codes_over_cable", "tune_record", "write_new")
    assert solved(made, catalogue).routes[0].writes == 1
    assert not solved(varied(made, complete_record=False), catalogue).routes


def test_the_sensor_flex(catalogue: Catalogue) -> None:
    """New school through the ear-speaker connector; a dead flex leaves the memory; a sound one needs nothing."""
    both = (Function.AUTO_BRIGHTNESS, Function.FACE_UNLOCK)
    made = case(catalogue, system="4.5", panels=(), promised=both, flex=FlexState.WORN)
    plan = solved(made, catalogue)
    steps = keys(plan, "Back up the flex through the ear-speaker connector, programmable flex")
    assert in_order(steps, "back_up_flex", "flex_to_socket", "write_flex", "open_phone", "swap_flex", "fit")
    assert "Lift the BGA315 memory" in {way.way for way in plan.closed if way.open}, "the older school is open, but beaten"
    dead = solved(varied(made, flex=FlexState.DEAD), catalogue)
    assert ways(dead) == {"Lift the BGA315 memory, programmable flex"}
    sound = solved(varied(made, flex=FlexState.SOUND), catalogue)
    assert all("swap_flex" not in {a.key for a in route.actions} for route in sound.routes)
    none = solved(varied(made, kit=replace(made.kit, spare_flex=False)), catalogue)
    assert {way.reason for way in none.closed} >= {"no programmable flex is at hand"}


def test_closed_ways_say_what_is_missing(catalogue: Catalogue) -> None:
    closed = {way.way: way.reason for way in solved(case(catalogue), catalogue).closed}
    assert closed["Use an earlier backup"] == "the vault holds no earlier backup of this phone"
    assert closed["Unbind on the phone"] == "TarnOS 4.6 is newer than the window for unbinding on the phone (3.0 to 4.1)"
    assert closed["Finish on the phone"] == "TarnOS 4.6 is older than finishing on the phone (5.0)"
    older = {w.way: w.reason for w in solved(case(catalogue, "birch", "2.4", **GONE), catalogue).closed}  # type: ignore[arg-type]
    assert "older than the window" in older["Unbind on the phone"]
    no_air = solved(case(catalogue, kit=replace(case(catalogue).kit, hot_air=False)), catalogue)
    assert {w.way: w.reason for w in no_air.closed}["Move the touch chip"] == "the bench has no hot air"
    unreadable = solved(case(catalogue, "elder", "5.4", panels=(NewPanel(maker="Ostby"),)), catalogue)
    assert not any("move" in way for way in ways(unreadable))


def test_preferences_close_ways_and_have_a_price(catalogue: Catalogue) -> None:
    made = case(catalogue, preferences=Preferences(no_soldering=True, no_board_heat=True))
    solution = solve(made, catalogue.figures)
    assert {w.way: w.reason for w in solution.plan.closed}["Move the touch chip"] == "the shop rules out soldering"
    assert set(solution.prices) == {"no_board_heat", "no_soldering"}
    assert solution.prices["no_soldering"] > solution.prices["no_board_heat"] >= 0
    fast = Preferences(aim=Aim.FASTEST)
    slow = solved(case(catalogue), catalogue).routes[0]
    assert fast.price(slow.actions[0]) > Preferences().price(slow.actions[0])


def test_what_if_opens_closes_and_is_taken_back(catalogue: Catalogue) -> None:
    made = case(catalogue, **GONE)  # type: ignore[arg-type]
    before = solved(made, catalogue)
    solution = solve(made, catalogue.figures, [("original", "answers"), ("chip", "on_original")])
    assert MOVE in solution.difference.opened
    assert solution.real == before
    back = solve(made, catalogue.figures, [])
    assert back.plan == before
    gone = difference(solved(case(catalogue), catalogue), solved(changed(case(catalogue), "hot_air", "no"), catalogue))
    assert (MOVE, "the bench has no hot air") in gone.closed
    with pytest.raises(LookupError):
        changed(made, "system", "9.9")
    with pytest.raises(LookupError):
        changed(made, "no such fact", "yes")


def test_every_fact_can_be_given_every_value(catalogue: Catalogue) -> None:
    # what each change does to the plan the random cases check; here that it can be made
    for made in (case(catalogue), case(catalogue, panels=(), flex=FlexState.WORN)):
        for fact in facts(made):
            assert fact.now in {option.key for option in fact.options}, fact.key
            for option in fact.options:
                changed = all_changed(made, [(fact.key, option.key)])
                assert next(f.now for f in facts(changed) if f.key == fact.key) == option.key, fact.key


def test_numbers_have_an_origin(catalogue: Catalogue) -> None:
    measured = {**catalogue.figures, "fit": replace(catalogue.figures["fit"], attended=6.5, origin="measured")}
    made = case(catalogue, record=Record({"lift_chip": Outcomes(38, 2)}))
    route = make_plan(made, measured).route(MOVE)
    told = explain(made, route)
    assert all(source.what.strip() for source in told)
    costs = [float(source.value) for source in told if source.what.endswith(": cost")]
    assert sum(costs) == pytest.approx(sum(action.cost for action in dict.fromkeys(route.actions))) and costs
    sources = {(source.what.strip(), source.value): source.origin for source in told}
    lift = next(origin for (what, _), origin in sources.items() if what == "Lift the original's touch chip")
    assert lift.startswith("this shop: 38 of 40 went well (95 % credible: 8")
    assert sources[("Fit the display, start the phone: time", "6.5 min there, 1 min waiting")] == "measured"
    tries = {what: origin.partition("up to ")[2][:7] for (what, _), origin in sources.items() if "up to " in origin}
    again = {"Read and keep the original": "3 tries", "Read and check the new panel": "3 tries"}
    assert tries == again | {"Solder the original touch chip": "2 tries"}, "only what may be tried again, and is no write"
    write = next(origin for (what, _), origin in sources.items() if what == "Write record")
    assert "a panel takes 3 or 4 or 5 writes in its life, 0 counted" in write
    assert all(origin for origin in sources.values())


def test_the_planner_rests_on_the_pairing_table(catalogue: Catalogue) -> None:
    """Where every thread of a function is whole the pairing model says that it holds; goals name the same threads."""
    made = case(catalogue, system="5.4")
    for function in ALL:
        needed = {need.var for conjunction in goal(made, function).alternatives for need in conjunction}
        whole = dict.fromkeys(Identity, "x")
        broken = {
            CARRIER[identity]
            for identity in Identity
            if evaluate(Facts(made.model, made.system, whole, {**whole, identity: "y"}), function).holds is Tri.NO
        }
        touched = {PartKind.DISPLAY: PanelVar.RECORD, PartKind.SENSOR_FLEX: FlexVar.FLEX}
        assert all(touched[part] in needed for part in broken if part in touched)


def test_advice_in_words(catalogue: Catalogue) -> None:
    plan = solved(case(catalogue), catalogue)
    said = advice_words(plan.advice, ALL, catalogue.function_labels)
    assert said.head.startswith("Next: ")
    assert any("‘Read and keep the original’ fails 3 times" in line for line in said.lines)
    assert any("True Tone" in line and "on average" in line for line in said.lines)
    done = case(catalogue, promised=(Function.TOUCH,), history=(("open_phone", True), ("fit", True)))
    assert advice_words(solved(done, catalogue).advice, done.promised, {}).head == "Ready for the proofs"
    assert worth_words(()) == ()
    cheap = case(catalogue, preferences=Preferences(worth=dict.fromkeys(Function, 1.0)))
    stop = advice_words(solved(cheap, catalogue).advice, ALL, catalogue.function_labels)
    assert stop.head == "Stop here"
    assert "costs" in stop.lines[1] and stop.lines[-1].endswith("on average 0 min (0 there), 0 €.")


# -- rules of order


def test_rules_from_the_catalogue(catalogue: Catalogue) -> None:
    quillon = NewPanel(PanelKind.AFTERMARKET, "Fenwick", brand=catalogue.brands["quillon"])
    made = case(catalogue, panels=(quillon,), original=OriginalState.ANSWERS)
    steps = keys(solved(made, catalogue), MOVE)
    assert steps.index("read_original") < steps.index("lift_chip"), "kept before heat comes near it"
    assert cycle(catalogue.rules) == ()
    round_about = (OrderRule("a", "b", ""), OrderRule("b", "c", ""), OrderRule("c", "a", ""))
    found = cycle(round_about)
    assert found[0] == found[-1]
    assert set(found) == {"a", "b", "c"}


def test_a_rule_whose_first_action_is_not_open_asks_nothing() -> None:
    figures = ActionFigures("x", 1.0)
    first = Action("first", figures, (), {PanelVar.SERIAL: Val.YES}, bars=(Bar("gone", Effort.PART),))
    then = Action("then", figures, (needs(Var.PHONE, Val.OPEN),), {PanelVar.CHIP: PanelVal.LOOSE})
    assert ordered((first, then), [OrderRule("first", "then", "why")]) == (first, then)
    asked = ordered((replace(first, bars=()), then), [OrderRule("first", "then", "why")])
    assert asked[1].conditions[-1].otherwise == "why"


# -- planning again


def job_with(*done: str, failed: str = "", panel: str = "", target: str = "") -> Job:
    steps = [Step(key, StepState.DONE) for key in done] + ([Step(failed, StepState.FAILED)] if failed else [])
    part = PartSelf(target, PartKind.DISPLAY, "Ostby", "cedar_l", 256) if target else None
    return Job(1, "", steps=tuple(steps)).with_ticket(DisplayTicket(panel)).having(DisplayWork(target=part))


TO_READ = ("open_phone", "original_to_socket", "read_original", "new_to_socket", "read_new")


def again(catalogue: Catalogue, job: Job) -> list[str]:
    plan = solved(case(catalogue, history=history(job)), catalogue)
    return [action.key for action in plan.routes[0].actions]


def test_planning_again_from_where_things_stand(catalogue: Catalogue) -> None:
    assert again(catalogue, job_with(*TO_READ))[0] == "write_new"
    failed = job_with(*TO_READ, failed="write_new")
    assert again(catalogue, failed)[:2] == ["read_new", "write_new"], "after a failed write the panel is read first"
    other = again(catalogue, job_with(*TO_READ, "write_new", panel="other", target="first"))
    assert in_order(other[:3], "new_to_socket", "read_new", "write_new"), "another panel starts from its beginning"
    assert "read_original" not in other, "the backup is kept"
    lost = solved(case(catalogue, history=history(job_with(*TO_READ, "write_new", failed="lift_chip"))), catalogue)
    assert all(Function.NO_DISPLAY_NOTICE in route.left_out for route in lost.routes), "the chip is gone"
    assert Function.AMBIENT_WHITE in lost.routes[0].kept
    assert Function.TOUCH in lost.routes[0].kept


def test_a_fitted_phone_can_be_opened_again(catalogue: Catalogue) -> None:
    fitted = case(catalogue, history=(("open_phone", True), ("fit", True)))
    plan = solved(fitted, catalogue)
    assert plan.routes[0].actions[0].key == "reopen_phone"
    assert plan.advice.next is not None
