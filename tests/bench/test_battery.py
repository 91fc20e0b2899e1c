"""The battery at the bench: its ways, the cell's test left and taken up, figures refused, one activation, whatever goes wrong."""

import random
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from typing import Any

import pytest
from msgspec.structs import replace

from daruma.bench.context import Context
from daruma.bench.kinds.battery import counted, prove_runs
from daruma.bench.kinds.battery.figures import FULL, allowed, locks, wished
from daruma.bench.kinds.battery.measuring import samples_of
from daruma.bench.rig import look
from daruma.core.acts import ActKind, ActState
from daruma.core.errors import Cancelled, Trouble
from daruma.core.interlocks import dark
from daruma.core.job import StepState
from daruma.core.kinds.battery.work import KIND, USES, BatteryWork, measured, use_in
from daruma.core.parts import Function, Identity, PartKind, PartSelf
from daruma.core.records import decode
from daruma.link.station import Station
from daruma.standin.kinds.battery import Pack
from tests.bench.jobbench import WIRES, JobBench, job_bench
from tests.conftest import crossed, seeds
from tests.pace import again_for

ENDS = ("voltage_dip", "poor_contact", "noisy_contact", "folded_wrong", "wrong_part", "torn_page", "write_ignored")
PROMISED = [Function.BATTERY_RUNS.value, Function.BATTERY_HEALTH.value, Function.NO_BATTERY_NOTICE.value]


class Bench(JobBench):
    """A shop with one phone whose battery another shop has put in."""

    @property
    def pack(self) -> Pack:
        """The new pack, once it is there."""
        return self.laying.world.of(Pack)[f"P{self.phone.imei}"]

    def enabled(self) -> int:
        """How often an activation was really begun on any flex of this job."""
        return sum(event[0] == "enable" for event in self.laying.world.events)

    @property
    def work(self) -> BatteryWork:
        return self.job.of(BatteryWork)


@contextmanager
def bench(tmp_path: Path, state: str = "foreign", system: str = "4.4", **entry: Any) -> Iterator[Bench]:
    with job_bench(Bench, tmp_path, {"promised": PROMISED, "battery": state, **entry}, system=system) as made:
        yield made


CELL, PACK = "New cell on the original gauge board", "New pack with the original's data"


@pytest.mark.parametrize(
    ("state", "system", "open_", "closed"),
    [
        ("worn", "4.4", {CELL, PACK}, {"Genuine pack": "older than"}),
        ("foreign", "4.4", {PACK}, {CELL: "gauge board is not in it"}),
        ("worn", "5.1", {CELL, "Genuine pack, finish on the phone"}, {}),
    ],
)
def test_the_ways(state: str, system: str, open_: set[str], closed: dict[str, str], tmp_path: Path) -> None:
    with bench(tmp_path, state, system) as at:
        plan = at.workshop.plan(at.job)
        ways = {route.way for route in plan.routes}
        assert open_ <= ways
        assert "Unknown pack, left as it is" in ways
        reasons = {each.way: each.reason for each in plan.closed}
        for way, why in closed.items():
            assert why in reasons[way]


@pytest.mark.parametrize(("state", "system", "way"), [("worn", "4.4", "weld_cell"), ("worn", "5.1", "fit_genuine")])
def test_the_other_ways_are_proven_as_well(state: str, system: str, way: str, tmp_path: Path) -> None:
    with bench(tmp_path, state, system) as at:
        route = next(r for r in at.workshop.plan(at.job).routes if way in {a.key for a in r.actions} and not r.left_out)
        at.job = at.workshop.choose(at.job, route, Context())
        at.until("prove_battery_runs")
        for function in map(Function, PROMISED):
            at.job = at.workshop.prove_step(at.job, function, Context())
        assert at.job.all_proven


def test_what_is_written_is_no_more_than_is_true(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("fold_pack")
        model = at.workshop.catalogue.models["cedar_l"]
        carried = decode(model.layout(KIND), bytes.fromhex(at.pack.memory))
        assert carried.intact, "every word has its packet check"
        assert carried.identity(Identity.GAUGE_SERIAL) == at.phone.board["gauge_serial"]
        full = carried.values[FULL]
        assert isinstance(full, int)
        assert full <= at.pack.mah
        assert at.work.written is not None
        assert at.work.written.percent <= 100 * at.pack.mah / at.pack.rated
        at.until("prove_battery_runs")
        assert at.work.boots[0].endswith("as expected"), "the first start knows no part"
        assert str(at.work.written.percent) in at.work.boots[1]


def test_an_invented_figure_is_refused_with_the_reason(tmp_path: Path) -> None:
    with bench(tmp_path, cell_origin="used") as at:
        at.until("write_pack")
        limits = allowed(at.workshop, at.job)
        assert limits.percent < 100
        with pytest.raises(Trouble, match="more than the measurement supports"):
            wished(at.workshop, at.job, 100, 300, Context())
        with pytest.raises(Trouble, match="0 cycles are for a new cell"):
            wished(at.workshop, at.job, limits.percent, 0, Context())
        with pytest.raises(Trouble, match="0 cycles are for a new cell"):
            at.do()
        assert not at.pack.writes
        at.job = wished(at.workshop, at.job, limits.percent - 3, 412, Context())
        at.do()
        assert at.work.written is not None
        assert (at.work.written.percent, at.work.written.cycles) == (limits.percent - 3, 412)


def test_a_test_that_is_left_goes_on_and_loses_nothing(tmp_path: Path) -> None:
    """The window is closed, other work is done, the cable is pulled: the station's samples are all there in the end."""
    with bench(tmp_path) as at:
        at.until("test_cell")
        at.laying.world.station_speed = 2000.0
        context = Context()
        seen = 0

        def stop(_: object) -> None:
            nonlocal seen
            seen += 1
            if seen == 3:
                context.cancelled.set()

        with pytest.raises(Cancelled):
            at.do(replace(context, sample=stop))
        assert at.work.log
        assert at.job.steps[at.job.current_step or 0].state is StepState.OPEN
        before = len(samples_of(at.work).t)
        at.technician.hands.fault("unplug", op="station.*")
        for _ in again_for(30.0):
            found = at.workshop.tend(Context())
            if found is not None and found[1]:
                break
        assert found is not None
        assert "Enough is known" in found[1]
        at.job = at.workshop.shop.jobs.get(at.job.number)
        assert len(samples_of(at.work).t) > before
        at.do()
        assert at.work.lost == 0
        numbers = [chunk.first for chunk in at.work.log]
        assert numbers == sorted(numbers)
        steps = samples_of(at.work).t
        assert (steps[1:] - steps[:-1] == 10).all(), "not one sample is missing"
        assert at.workshop.shop.check()[1] == ()


def test_a_station_that_forgot_its_log_begins_anew(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("test_cell")
        context = Context()
        with pytest.raises(Cancelled):
            at.do(replace(context, sample=lambda _: context.cancelled.set()))
        at.workshop.rig.station().begin("somebody else's")
        at.do()
        assert at.work.log[0].first == 1
        assert at.step() != "test_cell"


@pytest.mark.parametrize("first", [0, 1, -5])
def test_a_station_that_gives_other_samples_than_were_asked_for_is_not_believed(
    first: int, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    with bench(tmp_path) as at:
        at.until("test_cell")
        sound = at.workshop.rig.station().samples
        answers = [lambda label, after: sound(label, after), lambda _, __: (first, (10.0, 3.9, 0.0, 25.0))]
        monkeypatch.setattr(Station, "samples", lambda _, label, after: answers[min(1, after)](label, after))
        with pytest.raises(Trouble, match="were asked for"):
            for _ in range(40):
                at.do()


@pytest.mark.parametrize(("mark", "said"), [({"hot": 0.6}, "above the room"), ({"mah": 1900.0}, "below the shop's claim")])
def test_an_unsound_cell_is_not_fitted(mark: dict[str, float], said: str, tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("test_cell")
        at.technician.hands.do("cell_to_station", at.phone.imei, {})
        for name, value in mark.items():
            setattr(at.pack, name, value)
        with pytest.raises(Trouble, match=said):
            at.do()
        assert at.workshop.rig.station().state().amperes == 0
        assert at.step() == "test_cell"


def test_folded_the_wrong_way_it_protects_itself(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("fold_pack")
        at.technician.hands.fault("folded_wrong")
        at.until("first_boots")
        with pytest.raises(Trouble, match="protects itself"):
            at.do()
        at.pack.folded = "right"
        at.do()
        assert at.work.boots


def test_nothing_is_enabled_or_written_that_was_not_measured(tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.until("activate_pack")
        at.job = at.job.having(replace(at.work, log=()))
        assert "measured" in {lock.key for lock in dark(at.workshop.survey(at.job, Context()).locks)}
        proof = prove_runs(at.workshop, at.job, Context())
        assert not proof.proven


def test_a_cell_s_log_proves_no_pack_that_was_never_measured(tmp_path: Path) -> None:
    """Measured for one way, the way changed to a genuine pack: its log says nothing of that, and counts again for its own."""
    with bench(tmp_path, "worn", system="5.2", pack="genuine") as at:
        at.until("test_cell")
        at.do()
        assert at.work.use in USES
        assert measured(at.job).log
        routes = {route.way: route for route in at.workshop.plan(at.job).routes}
        own = at.job
        at.job = at.workshop.choose(at.job, next(r for way, r in routes.items() if "Genuine" in way), Context())
        assert not measured(at.job).log
        assert "measured" in {lock.key for lock in dark(locks(at.workshop, at.job, look(at.workshop.rig)))}
        at.until("prove_battery_runs")
        proof = prove_runs(at.workshop, at.job, Context())
        assert "gauge" in proof.summary
        assert "rated" not in proof.summary
        assert measured(own).log


def test_a_cell_that_was_measured_bare_is_no_pack_that_was(tmp_path: Path) -> None:
    with bench(tmp_path, "worn") as at:
        at.until("test_cell")
        at.do()
        bare = replace(at.work, use="weld_cell")
        packed = replace(at.work, use="fit_pack", cell="P1", target=PartSelf("P2", KIND, "", "cedar_l", 128))
        for work, counts in ((bare, use_in(at.job) == "weld_cell"), (packed, False)):
            assert bool(measured(at.job.having(work)).log) == counts
            variant = USES[work.use]
            assert (f"test_cell:{variant}", True) in counted(at.job.having(work), None, (("test_cell", True),))  # type: ignore[arg-type]


OPS = ("flex.activate", "flex.state", "write.commit", "station.samples", "phone.boot", "phone.gauge")


@pytest.mark.parametrize(("op", "fault"), crossed(OPS, WIRES))
def test_whatever_the_wire_does_it_is_enabled_once_and_known(fault: str, op: str, tmp_path: Path) -> None:
    with bench(tmp_path) as at:
        at.technician.hands.fault(fault, op=op)
        at.go_on("prove_battery_runs")
        check_acts(at)


def check_acts(at: Bench) -> None:
    """No flex is begun twice, none unknown to the journal; what is kept is sound."""
    journal = at.workshop.shop.journal
    for die in {event[1] for event in at.laying.world.events if event[0] == "enable"}:
        assert sum(event[:2] == ["enable", die] for event in at.laying.world.events) == 1
        acts = [act for act in journal.acts_on(die) if act.kind is ActKind.ENABLE]
        assert any(act.state is not ActState.NOT_SENT for act in acts), "the journal knows"
    written = {act.die for act in journal.acts_of(at.job.uid) if act.kind is ActKind.WRITE}
    blank = {"ff" * 128}
    assert {pack.die for pack in at.laying.world.of(Pack).values() if pack.writes and {pack.memory} != blank} <= written
    assert at.workshop.shop.check()[1] == ()


def random_run(tmp_path: Path, seed: int) -> None:
    rng = random.Random(f"battery/{seed}")
    with bench(tmp_path / str(seed)) as at:
        at.go_on("prove_battery_runs", at.at_random(rng, (*WIRES, *ENDS)))
        check_acts(at)


@pytest.mark.parametrize("tried", seeds(2, 300))
def test_random_faults_on_the_whole_way(tried: range, tmp_path: Path) -> None:
    for seed in tried:
        random_run(tmp_path, seed)


def test_a_phone_with_a_worn_display_and_battery_shares_what_is_opened(tmp_path: Path) -> None:
    with bench(tmp_path, "worn", promised=[*PROMISED, "haptics"], motor="dead") as at:
        keys = [step.action for step in at.job.steps]
        assert keys.count("open_phone") == 1
        assert {PartKind.BATTERY, PartKind.MOTOR} <= set(at.job.ticket.parts)
