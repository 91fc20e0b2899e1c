"""What the main button at Proof does next, without a window."""

import pytest
from msgspec.structs import replace

from daruma.core.colour.shots import Taken, panel_shots
from daruma.core.job import Job, Proof, Reading, Ticket
from daruma.core.measured import Measured
from daruma.core.parts import Function
from daruma.core.plan.spend import Spend
from daruma.ui.views.proof_acts import Act, Known, can_repeat, next_act
from tests.parts import with_work

WHITE, TOUCH, BRIGHT = Function.AMBIENT_WHITE, Function.TOUCH, Function.AUTO_BRIGHTNESS
LABELS = {WHITE: "White", TOUCH: "Touch", BRIGHT: "Brightness"}
JOB = Job(1, "then", Ticket(promised=(WHITE, TOUCH)))
BOTH = tuple(Reading(light, (1, 1, 1), (1, 1, 1), "", "M") for light in ("warm", "cool"))
FIELDS = tuple(Taken(shot.key, ((1, 1, 1),)) for shot in panel_shots())
OFF = replace(JOB, readings=BOTH).with_proof(Proof(WHITE, False, "off"))
MEASURED, SOME, FILED, DOUBTED = (
    with_work(OFF, measured=Measured(fields, **how))
    for fields, how in (
        (FIELDS, {}),
        (FIELDS[:5], {}),
        (FIELDS[:9], {"instrument": "file x"}),
        ((*FIELDS[:-1], replace(FIELDS[-1], doubt="x")), {}),
    )
)
WHITE_DONE = OFF.with_proof(Proof(WHITE, True, ""))
ALL_DONE = WHITE_DONE.with_proof(Proof(TOUCH, True, ""))


@pytest.mark.parametrize(
    ("job", "function", "page", "known", "act", "words"),
    [
        (JOB, WHITE, "white", Known(), Act.MEASURE_LIGHT, "Measure under warm light"),
        (replace(JOB, readings=BOTH[:1]), WHITE, "white", Known(), Act.MEASURE_LIGHT, "Measure under cool light"),
        (OFF, WHITE, "white", Known(), Act.TO_PANEL, "Find out why: the panel sheet"),
        (OFF, WHITE, "white", Known(white_readings=12), Act.MEASURE_BOTH, "Measure again, 12 readings a light"),
        (MEASURED, WHITE, "white", Known(spend=Spend.YES), Act.TO_PANEL, "To the panel sheet: tuning is worth a write"),
        (MEASURED, WHITE, "white", Known(spend=Spend.NO), Act.MEASURE_BOTH, "Measure again under both lights"),
        (OFF, WHITE, "panel", Known(), Act.MEASURE_PANEL, "Measure 18 fields of the panel, 1 min"),
        (SOME, WHITE, "panel", Known(), Act.MEASURE_PANEL, "Measure the 13 fields that are left"),
        (FILED, WHITE, "panel", Known(Spend.YES), Act.TUNE, "Keep the tuned record"),
        (DOUBTED, WHITE, "panel", Known(), Act.MEASURE_PANEL, "Repeat 1 of 18 fields"),
        (MEASURED, WHITE, "panel", Known(Spend.YES), Act.TUNE, "Keep the tuned record"),
        (OFF, WHITE, "sensor", Known(next_light="neutral"), Act.LOOK_AT_LIGHT, "Measure under neutral light"),
        (OFF, BRIGHT, "brightness", Known(), Act.PROVE, "Measure at 9 levels, 2 min"),
        (OFF, BRIGHT, "brightness", Known(level_readings=20), Act.PROVE, "Measure again, 20 readings a level, 4 min"),
        (OFF, TOUCH, "", Known(), Act.PROVE, "Read the touch test"),
        (WHITE_DONE, WHITE, "white", Known(), Act.GO_ON, "Go on to Touch"),
        (ALL_DONE, TOUCH, "", Known(), Act.HAND_OVER, "Go on to Hand-over"),
    ],
)
def test_the_next_act(job: Job, function: Function, page: str, known: Known, act: Act, words: str) -> None:
    found = next_act(job, function, page, known, LABELS)
    assert (found.act, found.words) == (act, words)


def test_measuring_again_is_offered_beside_other_acts_only() -> None:
    assert can_repeat(OFF, "white", Act.TO_PANEL)
    assert not can_repeat(OFF, "white", Act.MEASURE_BOTH)
    assert not can_repeat(JOB, "panel", Act.TUNE)
