"""The pairing model against the table of functions: facts of the trade, common practice, no source."""

import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from daruma.catalogue.loader import Catalogue, load_catalogue
from daruma.core.pairing import Condition, Facts, evaluate, evaluate_all, requirements
from daruma.core.parts import Function, Identity, Version
from daruma.core.tri import Tri, all_of, any_of

SYSTEMS = ["4.6", "5.1", "5.3"]


def whole(catalogue: Catalogue, key: str = "damson", system: str = "5.1") -> Facts:
    values = {identity: f"{identity.value}-1" for identity in Identity}
    conditions = {c: c not in (Condition.DISPLAY_FINISHED, Condition.BATTERY_FINISHED) for c in Condition}
    return Facts(catalogue.models[key], Version.parse(system), values, dict(values), conditions)


def broken(facts: Facts, *identities: Identity) -> Facts:
    return replace(facts, carried={**facts.carried, **dict.fromkeys(identities, "of another phone")})


@pytest.mark.parametrize("key", load_catalogue().models)
def test_a_phone_with_its_own_parts_does_everything(key: str, catalogue: Catalogue) -> None:
    for system in SYSTEMS:
        assert {v.holds for v in evaluate_all(whole(catalogue, key, system)).values()} == {Tri.YES}


@pytest.mark.parametrize(
    ("system", "matters"),
    [
        ("4.6", {Identity.TOUCH_CHIP_ID, Identity.FLEX_ID, Identity.DISPLAY_SERIAL}),
        ("5.2", {Identity.TOUCH_CHIP_ID, Identity.FLEX_ID, Identity.DISPLAY_SERIAL}),
        ("5.3", {Identity.TOUCH_CHIP_ID, Identity.DISPLAY_SERIAL, Identity.COVER_CODE}),
    ],
)
def test_what_the_display_notice_checks_in_each_era(system: str, matters: set[Identity], catalogue: Catalogue) -> None:
    facts = whole(catalogue, "damson", system)
    for identity in Identity:
        holds = evaluate(broken(facts, identity), Function.NO_DISPLAY_NOTICE).holds
        assert holds is (Tri.NO if identity in matters else Tri.YES), identity


def test_finishing_clears_the_notice_whatever_the_identities(catalogue: Catalogue) -> None:
    facts = broken(whole(catalogue), Identity.TOUCH_CHIP_ID, Identity.DISPLAY_SERIAL)
    finished = replace(facts, conditions={**facts.conditions, Condition.DISPLAY_FINISHED: True})
    assert evaluate(finished, Function.NO_DISPLAY_NOTICE).holds is Tri.YES


@pytest.mark.parametrize(
    ("function", "identities", "conditions"),
    [
        (
            Function.AMBIENT_WHITE,
            {Identity.DISPLAY_SERIAL, Identity.AMBIENT_CODE},
            {Condition.PANEL_CALIBRATION, Condition.SENSOR_FLEX_SOUND},
        ),
        (Function.AUTO_BRIGHTNESS, {Identity.AMBIENT_CODE}, {Condition.BRIGHTNESS_CURVE, Condition.SENSOR_FLEX_SOUND}),
        (Function.TOUCH, set(), {Condition.TOUCH_CHIP_SOUND}),
        (
            Function.FACE_UNLOCK,
            {Identity.IR_CAMERA_SERIAL, Identity.FLOOD_SERIAL, Identity.PROJECTOR_SERIAL, Identity.FLEX_ID},
            {Condition.DOT_MAP_READABLE, Condition.LINK_LINES_NORMAL, Condition.SENSOR_FLEX_SOUND},
        ),
        (Function.BATTERY_HEALTH, {Identity.GAUGE_SERIAL}, {Condition.GAUGE_ANSWERS}),
        (Function.FRONT_CAMERA, {Identity.FRONT_CAMERA_SERIAL}, {Condition.FLASHED_AFTER_SWAP}),
        (Function.REAR_CAMERA_FINISHED, {Identity.REAR_CAMERA_SERIAL}, {Condition.SWEEP_DONE}),
        (Function.HAPTICS, set(), {Condition.MOTOR_SOUND}),
    ],
)
def test_each_function_rests_on_its_threads_and_nothing_else(
    function: Function, identities: set[Identity], conditions: set[Condition], catalogue: Catalogue
) -> None:
    facts = whole(catalogue)
    for identity in Identity:
        verdict = evaluate(broken(facts, identity), function)
        assert verdict.holds is (Tri.NO if identity in identities else Tri.YES), identity
        assert verdict.reason.startswith("Does not hold: the " if identity in identities else "Holds: ")
    for condition in Condition:
        changed = replace(facts, conditions={**facts.conditions, condition: False})
        assert evaluate(changed, function).holds is (Tri.NO if condition in conditions else Tri.YES), condition


def test_alder_knows_no_notice_and_needs_the_front_camera(catalogue: Catalogue) -> None:
    facts = whole(catalogue, "alder", "4.0")
    everything_else = broken(facts, *Identity)
    assert evaluate(everything_else, Function.NO_DISPLAY_NOTICE).holds is Tri.YES
    assert evaluate(broken(facts, Identity.FRONT_CAMERA_SERIAL), Function.AMBIENT_WHITE).holds is Tri.NO
    damson = whole(catalogue, "damson")
    assert evaluate(broken(damson, Identity.FRONT_CAMERA_SERIAL), Function.AMBIENT_WHITE).holds is Tri.YES


def test_unknown_is_carried_through_and_says_what_is_missing(catalogue: Catalogue) -> None:
    facts = whole(catalogue)
    expected = {k: v for k, v in facts.expected.items() if k is not Identity.DISPLAY_SERIAL}
    verdict = evaluate(replace(facts, expected=expected), Function.AMBIENT_WHITE)
    assert verdict.holds is Tri.UNKNOWN
    assert verdict.reason == "Cannot be known yet: the board's display serial is not known yet."
    both = evaluate(broken(replace(facts, expected=expected), Identity.AMBIENT_CODE), Function.AMBIENT_WHITE)
    assert both.holds is Tri.NO, "one broken thread decides, whatever is unknown"


def test_a_part_that_carries_nothing_breaks_its_thread(catalogue: Catalogue) -> None:
    facts = whole(catalogue)
    verdict = evaluate(replace(facts, carried={**facts.carried, Identity.DISPLAY_SERIAL: None}), Function.AMBIENT_WHITE)
    assert verdict.holds is Tri.NO
    assert "carries no display serial" in verdict.reason


@given(st.sets(st.sampled_from(list(Identity))), st.sets(st.sampled_from(list(Identity))), st.sampled_from(SYSTEMS))
def test_learning_more_never_overturns_what_was_known(hidden: set[Identity], wrong: set[Identity], system: str) -> None:
    facts = broken(whole(load_catalogue(), "cedar_l", system), *wrong)
    less = replace(facts, carried={k: v for k, v in facts.carried.items() if k not in hidden})
    for function, verdict in evaluate_all(less).items():
        if verdict.holds is not Tri.UNKNOWN:
            assert evaluate(facts, function).holds is verdict.holds


def test_kleene_tables() -> None:
    """Strong three-valued logic (Kleene): NO decides a conjunction, YES a disjunction."""
    assert all_of([Tri.YES, Tri.UNKNOWN]) is Tri.UNKNOWN
    assert all_of([Tri.NO, Tri.UNKNOWN]) is Tri.NO
    assert any_of([Tri.YES, Tri.UNKNOWN]) is Tri.YES
    assert any_of([Tri.NO, Tri.UNKNOWN]) is Tri.UNKNOWN
    assert all_of([]) is Tri.YES
    assert any_of([]) is Tri.NO


def test_every_function_of_every_model_has_a_rule(catalogue: Catalogue) -> None:
    for model in catalogue.models.values():
        for function in model.functions:
            assert requirements(function, model, model.last_system)
