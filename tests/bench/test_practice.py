"""What a stand-in takes part in is marked for good, on its own job and on no other; what is only looked at is not."""

import random
from pathlib import Path

import pytest
from msgspec.structs import replace

from daruma.bench.context import Context
from daruma.bench.workshop import Workshop
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.link.devices import DeviceSelf, Driver
from daruma.store.settings import NAME
from tests.bench.jobbench import JobBench, job_bench
from tests.parts import some

KINDS = ("programmer", "phone", "colorimeter", "supply", "station", "usb_meter", "thermocouple")


def pretend_real(patch: pytest.MonkeyPatch, kinds: frozenset[str]) -> None:
    """Let some of the stand-ins say nothing of being one, as real devices do."""
    hello = Driver.hello

    def asked(driver: Driver) -> DeviceSelf:
        said = hello(driver)
        driver.simulated = said.simulated and said.kind not in kinds
        return replace(said, simulated=driver.simulated)

    patch.setattr(Driver, "hello", asked)


@pytest.mark.parametrize("seed", range(6))
def test_just_the_stand_ins_that_a_job_used_are_on_it(seed: int, tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    rng = random.Random(f"practice/{seed}")
    real = frozenset(kind for kind in KINDS if rng.random() < 0.5)
    pretend_real(monkeypatch, real)
    with job_bench(JobBench, tmp_path, {"promised": ["haptics"], "motor": "dead"}, model="birch") as at:
        shop, workshop = at.workshop.shop, at.workshop
        other = shop.jobs.open_new("2026-11-29T10:00:00+00:00")
        at.until("prove_haptics")
        assert set(at.job.standins) <= {"programmer", "phone"} - real
        assert ("programmer" in at.job.standins) is ("programmer" not in real)
        workshop.survey(at.job, Context())
        assert workshop.save(other, Context()).standins == (), "what was looked at for one job is no part of another"
        workshop.metering.begin(at.job, "proof", "2026-11-29T10:00:00+00:00")
        ended = some(workshop.metering.end(workshop.catalogue.models, "2026-11-29T10:05:00+00:00"))
        assert ("usb_meter" in ended.standins) is ("usb_meter" not in real)
        workshop.heating.begin(ended, "fit", "2026-11-29T10:05:00+00:00")
        for _ in range(40):
            workshop.heating.look()
        warm = workshop.heating.end("2026-11-29T10:06:00+00:00") or shop.jobs.known_by(at.job.uid)
        assert ("thermocouple" in warm.standins) is (bool(warm.heats) and "thermocouple" not in real)
        assert shop.jobs.get(other.number).standins == ()


def test_a_mark_that_could_not_be_kept_goes_with_the_next_try(workshop: Workshop, hero: Job) -> None:
    def full(_: Job, __: str) -> Job:
        raise Trouble("the disk is full")

    hero = workshop.shop.jobs.save(replace(hero, standins=()), "now")
    with pytest.MonkeyPatch.context() as patch:
        patch.setattr(workshop.shop.jobs, "save", full)
        with pytest.raises(Trouble, match="full"):
            workshop.read_phone(hero, Context())
    assert workshop.save(hero, Context()).standins == ("phone",)


def test_a_setting_that_is_not_weighed_keeps_nothing_from_being_planned(workshop: Workshop) -> None:
    file = workshop.shop.folder / NAME
    file.write_text(file.read_text(encoding="utf-8") + '\n[look]\ntheme = "plaid"\n', encoding="utf-8")
    job = next(job for job in workshop.shop.jobs.all() if job.steps and not job.closed)
    assert workshop.plan(job).closed
    file.write_text("[worth]\ntouch = -1\n", encoding="utf-8")
    with pytest.raises(Trouble, match=r"line 2: worth\.touch"):
        workshop.plan(job)
    file.write_text("[", encoding="utf-8")
    with pytest.raises(Trouble, match="cannot be read"):
        workshop.plan(job)
