"""Load: a vault and a journal at 1,000, 10,000 and 100,000 backups with ten times as many acts.

Times are medians in this process; the full check is set against `sha256sum` over the same bytes, run in turns. Give a
number to stop growing there: `load.py 10000`.
"""

import random
import statistics
import subprocess
import sys
import tempfile
import time
from collections.abc import Callable
from functools import partial
from pathlib import Path

from msgspec.structs import replace
from sqlalchemy import insert, text

from daruma.bench.context import Context
from daruma.bench.keeping import keep_part
from daruma.bench.reading import PartReading
from daruma.bench.rig import Rig
from daruma.bench.workshop import Workshop
from daruma.catalogue.loader import Catalogue, load_catalogue
from daruma.core.backup import BackupContent
from daruma.core.job import Job, Outcome, Step, StepState, Ticket
from daruma.core.kinds.display.work import DisplayWork
from daruma.core.parts import Function, PartKind, PartSelf, Version
from daruma.core.records import decode
from daruma.demo.kinds.display import panel as make_panel
from daruma.demo.maker import Maker
from daruma.link.devices import DeviceSelf
from daruma.store.digests import ACT, FIRST, SETTLEMENT, chained, row_digest
from daruma.store.schema import acts, settlements
from daruma.store.shop import Shop
from daruma.store.whole import check_rows

SIZES = (1_000, 10_000, 100_000)
ACTS_EACH = 10
ROUNDS = 31
PAIRS = 5
KEYS = ("cedar", "cedar_l", "damson", "elder")


def contents(count: int, catalogue: Catalogue, rng: random.Random):  # type: ignore[no-untyped-def]
    """Yield backups as the bench makes them, each of another phone, in the sizes of real records."""
    maker = Maker(rng)
    made = []

    class Taker:
        """Take what would be kept."""

        def keep(self, content: BackupContent, arrived: str):  # type: ignore[no-untyped-def]  # noqa: ARG002
            made.append(content)
            raise StopIteration

    device = DeviceSelf("programmer", "Stand-in programmer", "SP-0001", Version(1, 5))
    for number in range(1, count + 1):
        model = catalogue.models[KEYS[number % len(KEYS)]]
        panel = make_panel(maker, model, model.makers[0], limit=None)
        part = PartSelf(panel.die, PartKind.DISPLAY, panel.maker, panel.family, len(panel.memory) // 2, panel.chip)
        reading = PartReading(part, decode(model.layout(PartKind.DISPLAY), bytes.fromhex(panel.memory)))
        job = Job(number, "", Ticket(imei=f"{number:015d}"), uid=f"{number:032x}")
        try:
            keep_part(Taker(), reading, job, device, "2026-11-23T10:00:00+00:00")  # type: ignore[arg-type]
        except StopIteration:
            yield made.pop()


def fill(shop: Shop, count: int, catalogue: Catalogue) -> None:
    """Fill a shop with backups, acts and jobs, in large transactions."""
    batch: list[BackupContent] = []
    for content in contents(count, catalogue, random.Random(5)):
        batch.append(content)
        if len(batch) == 5000 or content.job.startswith(f"J-{count:04d}@"):
            shop.vault.keep_all(batch)
            batch.clear()
    job = Job(0, "2026-01-01T10:00:00+00:00", Ticket(model="cedar_l", promised=(Function.TOUCH,)))
    steps = tuple(Step(key, StepState.DONE, "done", "2026-01-01T10:00:00+00:00") for key in ("read_new", "write_new", "fit"))
    closed = "2026-02-01T10:00:00+00:00"
    links = (FIRST, FIRST)
    for start in range(1, count + 1, 5000):
        numbers = range(start, min(start + 5000, count + 1))
        shop.jobs.save_all(
            [
                replace(
                    job,
                    number=n,
                    uid=f"{n:032x}",
                    ticket=replace(job.ticket, imei=f"{n:015d}", model=KEYS[n % len(KEYS)]),
                    steps=steps,
                    parts={PartKind.DISPLAY: DisplayWork(source=f"B-{n:05d}")},
                    closed=closed if n < count - 20 else "",
                    outcomes=(Outcome("read_new", True), Outcome("write_new", n % 9 > 0)),
                )
                for n in numbers
            ],
            "now",
        )
        links = _acts(shop, numbers, links)


def _acts(shop: Shop, jobs: range, links: tuple[str, str]) -> tuple[str, str]:
    """Write ten settled acts for each of some jobs; return the links of the last ones."""
    evidence = '[["Backup kept and read back","kept in the vault"],["Same part as checked","display panel"]]'
    rows, ends = [], []
    for job in jobs:
        for each in range(ACTS_EACH):
            number = (job - 1) * ACTS_EACH + each + 1
            plain = {
                "number": number,
                "uid": f"{number:032x}",
                "job": f"{job:032x}",
                "kind": "write",
                "die": f"D{job // 2:011d}",
                "backup": f"B-{job:05d}",
            }
            row = {**plain, "digest": "d" * 64, "before": "b" * 64, "started": "t", "evidence": evidence, "who": "me"}
            end = {"act": number, "state": "done", "note": "read-back is equal", "settled": "t", "answer": "done", "found": "d"}
            digests = row_digest(ACT, row), row_digest(SETTLEMENT, end)
            links = chained(links[0], digests[0]), chained(links[1], digests[1])
            rows.append({**row, "sha256": digests[0], "chain": links[0]})
            ends.append({**end, "sha256": digests[1], "chain": links[1]})
    with shop.database.writing() as connection:
        connection.execute(insert(acts), rows)
        connection.execute(insert(settlements), ends)
    return links


def median(work: Callable[[], object], rounds: int = ROUNDS) -> float:
    """Return the median time in milliseconds."""
    times = []
    for _ in range(rounds):
        start = time.perf_counter()
        work()
        times.append(1000 * (time.perf_counter() - start))
    return statistics.median(times)


def measure(folder: Path, count: int, catalogue: Catalogue) -> None:
    """Print one line of figures, and the check beside sha256sum."""
    shop = Shop(folder)
    start = time.perf_counter()
    fill(shop, count, catalogue)
    filled = time.perf_counter() - start
    rng = random.Random(1)
    workshop = Workshop(Rig({}), shop, catalogue)
    serials = {n: dict(shop.vault.get(f"B-{n:05d}").content.fields)["display_serial"] for n in rng.sample(range(1, count), 40)}
    some = list(serials)

    def open_job() -> None:
        job = shop.jobs.get(rng.choice(some))
        workshop.case(job)
        workshop.survey(job, Context())

    figures = (
        median(open_job),
        median(lambda: shop.vault.find(serials[rng.choice(some)][5:12])),
        median(lambda: shop.vault.find("cedar_l 00000")),
        median(lambda: shop.vault.get(f"B-{rng.randrange(1, count):05d}")),
        median(lambda: (shop.jobs.on_view(), shop.jobs.totals(), shop.journal.left_in_doubt())),
        median(lambda: shop.jobs.find("0000123")),
    )
    print(f"{count:8} {count * ACTS_EACH:9} {filled:6.0f} s " + " ".join(f"{figure:10.1f}" for figure in figures), flush=True)
    dies = [f"D{n // 2:011d}" for n in some]
    first, again = (statistics.median(median(partial(shop.journal.acts_on, die), 1) for die in dies) for _ in range(2))
    print(f"         the acts of a part: {first:.1f} ms when first asked for, {again:.1f} ms again", flush=True)
    check(shop, folder, count)
    shop.close()


def check(shop: Shop, folder: Path, count: int) -> None:
    """Print how fast the full check is beside sha256sum over the bytes of all backups."""
    plain = folder / "bytes"
    with shop.database.reading() as connection, plain.open("wb") as file:
        for (body,) in connection.execute(text("SELECT body FROM backups ORDER BY number")):
            file.write(body)
    ratios, ours = [], []
    for _ in range(PAIRS):
        start = time.perf_counter()
        subprocess.run(["sha256sum", plain], check=True, stdout=subprocess.DEVNULL)
        theirs = time.perf_counter() - start
        start = time.perf_counter()
        seen, faults = shop.vault.check()
        ours.append(time.perf_counter() - start)
        ratios.append(theirs / ours[-1])
        assert (seen, faults) == (count, ())
    size = plain.stat().st_size / 1e6
    print(
        f"         full check of {size:.1f} MB: {statistics.median(ours):.2f} s, {size / statistics.median(ours):.0f} MB/s; "
        f"speed beside sha256sum {statistics.median(ratios):.2f} (from {min(ratios):.2f} to {max(ratios):.2f})",
        flush=True,
    )
    plain.unlink()
    start = time.perf_counter()
    faults = check_rows(shop.database)
    rows = count * (2 * ACTS_EACH + 1)
    spent = time.perf_counter() - start
    print(
        f"         check of {rows} rows of journal and jobs: {spent:.1f} s, {rows / spent / 1e3:.0f} thousand a second",
        flush=True,
    )
    assert faults == ()
    shop.close()
    start = time.perf_counter()
    Shop(folder).close()
    print(f"         opened, its marks compared: {1000 * (time.perf_counter() - start):.0f} ms", flush=True)


def main() -> None:
    """Grow and measure."""
    catalogue = load_catalogue()
    most = int(sys.argv[1]) if len(sys.argv) > 1 else SIZES[-1]
    print(" backups      acts   fill     open job  by serial   by words  check one   at start  find a job   (ms)")
    for count in SIZES:
        if count <= most:
            with tempfile.TemporaryDirectory() as folder:
                measure(Path(folder) / "shop", count, catalogue)


if __name__ == "__main__":
    main()
