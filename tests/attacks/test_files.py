"""Every file that the program reads, forged: what is right of its shape and wrong of its sense, at the command line and beneath.

The files begin as those of the tests of each reader; they are changed as text, number by number and line by line, by rules of
no format in particular. Each answer is a refusal in words, or figures that are finite, and never a mistake of the program's own.
"""

import json
import math
import random
import re
import shutil
from collections.abc import Callable
from pathlib import Path
from typing import Any

import pytest
from click.testing import CliRunner

from daruma.bench.shelving import vocabulary_of
from daruma.catalogue.loader import Catalogue, load_catalogue
from daruma.cli import main
from daruma.core.errors import Trouble
from daruma.handover.casefile import read_case
from daruma.handover.exchange import from_json, to_json
from daruma.handover.measurements import read_measurements
from daruma.handover.meter_log import read_log
from daruma.handover.shelf_file import read_shelf
from daruma.store.settings import load_settings
from daruma.store.shop import Shop
from tests import test_judging as judging
from tests.conftest import seeds
from tests.store.conftest import content

ROOT = Path(__file__).parents[2]
NUMBER = re.compile(rb"-?\d+(?:\.\d+)?(?:[eE][+-]?\d+)?")
STRANGE = (
    b"",
    b"nan",
    b"inf",
    b"-inf",
    b"1e308",
    b"-0",
    b"1,5",
    b"0x10",
    b"1_000",
    "\u0663".encode(),
    b"1e-320",
    b"9" * 400,
    b"x",
    b"=1+1",
)


def a_number(raw: bytes, rng: random.Random) -> bytes:
    """Exchange some numbers for others: strange ones, or the same another power of ten, sign or place away."""
    found = list(NUMBER.finditer(raw))
    if not found:
        return raw
    for match in sorted(rng.sample(found, min(len(found), rng.choice((1, 1, 4)))), key=lambda match: -match.start()):
        old = match.group()
        new = rng.choice(
            (*STRANGE[:6], rng.choice(STRANGE), b"-" + old.lstrip(b"-"), old + b"000", old + b"e3", rng.choice(found).group())
        )
        raw = raw[: match.start()] + new + raw[match.end() :]
    return raw


def a_column(raw: bytes, rng: random.Random) -> bytes:
    """Scale or replay a column of a table: mA under an A head, a clock that stands, one value throughout."""
    lines = raw.split(b"\n")
    at, factor = rng.randrange(4), rng.choice((0.0, -1.0, 1e-3, 1e3, 1e12))

    def scaled(line: bytes) -> bytes:
        cells = line.split(b",")
        if at < len(cells):
            try:
                cells[at] = repr(float(cells[at]) * factor).encode()
            except ValueError:
                return line
        return b",".join(cells)

    return b"\n".join(map(scaled, lines))


def lines(raw: bytes, rng: random.Random) -> bytes:
    """Leave lines out, double, exchange and reverse them, or play the whole twice."""
    all_ = raw.split(b"\n")
    way, one, other = rng.randrange(7), rng.randrange(len(all_)), rng.randrange(len(all_))
    if way == 0:
        del all_[one]
    elif way == 1:
        all_.insert(one, all_[other])
    elif way == 2:
        all_[one], all_[other] = all_[other], all_[one]
    elif way == 3:
        all_ = [all_[0], *all_[1:], *all_[1:]]
    elif way == 4:
        all_ = [all_[0], *reversed(all_[1:])]
    elif way == 5:
        all_ = all_[: max(1, one)]
    else:
        all_ = [all_[0], *[all_[one]] * len(all_)]
    return b"\n".join(all_)


def letters(raw: bytes, rng: random.Random) -> bytes:
    """Change the text around: another end of line, marks of order, other separators, names, case, single bytes."""
    way = rng.randrange(8)
    if way < 5:
        old, new = ((b"\n", b"\r\n"), (b",", b";"), (b",", b"\t"), (b".", b","), (b"\n", b"\r"))[way]
        return raw.replace(old, new)
    if way == 5:
        return b"\xef\xbb\xbf" + raw
    if way == 6:
        return raw.decode("latin-1").swapcase().encode("latin-1")
    body = bytearray(raw)
    for _ in range(rng.choice((1, 3, 40))):
        body[rng.randrange(len(body))] = rng.randrange(256)
    return bytes(body)


FORGERIES = (a_number, a_number, a_column, lines, letters)


def forged(raw: bytes, rng: random.Random) -> bytes:
    for _ in range(rng.choice((1, 1, 1, 3))):
        raw = rng.choice(FORGERIES)(raw, rng) or b"\n"
    return raw[: 4 << 20]


def finite(value: object) -> bool:
    if isinstance(value, dict):
        return all(map(finite, value.values()))
    if isinstance(value, list):
        return all(map(finite, value))
    return not isinstance(value, float) or math.isfinite(value)


JUDGED = ("dots", "sharpness", "lens", "align", "ring", "heat", "meter", "cell")


@pytest.fixture(scope="module")
def questions(tmp_path_factory: pytest.TempPathFactory) -> dict[str, list[tuple[str, ...]]]:
    """Give the questions that the tests of each judgement ask of the files that they make."""
    found: dict[str, list[tuple[str, ...]]] = {}
    with pytest.MonkeyPatch.context() as patch:
        for name in JUDGED:
            asked = found.setdefault(name, [])
            real = judging.asked

            def kept(*words: str, to: list[tuple[str, ...]] = asked, really: Callable[..., Any] = real) -> Any:
                to.append(words)
                return really(*words)

            patch.setattr(judging, "asked", kept)
            getattr(judging, f"test_{name}")(tmp_path_factory.mktemp(name))
            patch.undo()
    return found


@pytest.mark.parametrize("name", JUDGED)
@pytest.mark.parametrize("tried", seeds(6, 700))
def test_a_forged_measurement_is_refused_or_judged_in_finite_figures(
    tried: range, name: str, questions: dict[str, list[tuple[str, ...]]], tmp_path: Path
) -> None:
    for seed in tried:
        rng = random.Random(f"{name} forged {seed}")
        words = list(rng.choice(questions[name]))
        places = [place for place, word in enumerate(words) if Path(word).is_file()]
        place = rng.choice(places)
        file = tmp_path / f"forged{Path(words[place]).suffix}"
        file.write_bytes(forged(Path(words[place]).read_bytes(), rng))
        words[place] = str(file)
        done = CliRunner().invoke(main, ["judge", *words, "--json"])
        assert done.exit_code in (0, 1, 2), (seed, done.exception)
        assert "mistake of its own" not in done.stderr, (seed, done.stderr)
        if done.exit_code == 0:
            assert finite(json.loads(done.stdout)), seed


@pytest.fixture(scope="module")
def readers(
    catalogue: Catalogue, tmp_path_factory: pytest.TempPathFactory
) -> dict[str, tuple[str, bytes, Callable[[Path], object]]]:
    """Give every other reader with a sound file: its name, its bytes, how it is read."""
    case = next(iter(sorted((ROOT / "examples" / "cases").glob("*.json"))))
    with Shop(tmp_path_factory.mktemp("backup") / "shop") as shop:
        backup = to_json(shop.vault.keep(content(1))).encode()
    models = Path(load_catalogue.__code__.co_filename).parent / "models"
    model = next(iter(sorted(models.rglob("*.toml")))).read_bytes() if models.is_dir() else b'key = "x"\n'
    white = (
        b"light,screen_x,screen_y,screen_z,ambient_x,ambient_y,ambient_z\nwarm,90,95,60,100,100,40\ncool,95,98,105,100,100,110\n"
    )
    log = b"t (s),voltage (V),current (A)\n" + b"".join(b"%d,5.02,%d.5\n" % (n, n % 3) for n in range(200))
    shelf = b"die,part,model,maker,state,source\nD1,display,cedar_l,Fenwick,genuine_used,Harbour\nD2,battery,cedar_l,,,\n"
    settings = b'[shop]\nname = "A"\n\n[bench]\nminute = 0.5\n'
    vocabulary = vocabulary_of(dict(catalogue.names))

    def in_folder(read: Callable[[Path], object], name: str) -> Callable[[Path], object]:
        def look(file: Path) -> object:
            folder = file.with_name("folder")
            folder.mkdir(exist_ok=True)
            shutil.copy(file, folder / name)
            return read(folder)

        return look

    return {
        "case": ("case.json", case.read_bytes(), read_case),
        "backup": ("backup.json", backup, lambda file: from_json(file.read_bytes(), file.name)),
        "white": ("white.csv", white, lambda file: read_measurements(file.read_bytes(), "now", file.name)),
        "log": ("log.csv", log, read_log),
        "shelf": ("shelf.csv", shelf, lambda file: read_shelf(file, vocabulary, {})),
        "settings": ("shop.toml", settings, in_folder(load_settings, "shop.toml")),
        "model": ("own.toml", model, in_folder(lambda folder: load_catalogue(folder), "own.toml")),
    }


READERS = ("case", "backup", "white", "log", "shelf", "settings", "model")


@pytest.mark.parametrize("name", READERS)
@pytest.mark.parametrize("tried", seeds(12, 700))
def test_a_forged_file_is_read_or_refused_in_words(tried: range, name: str, readers: dict[str, Any], tmp_path: Path) -> None:
    called, sound, read = readers[name]
    file = tmp_path / called
    file.write_bytes(sound)
    read(file)
    for seed in tried:
        rng = random.Random(f"{name} read {seed}")
        file.write_bytes(forged(sound, rng))
        try:
            read(file)
        except Trouble as trouble:
            assert trouble.what, seed
            assert trouble.safe or trouble.advice, seed


@pytest.mark.parametrize("tried", seeds(20, 700))
def test_a_forged_backup_is_never_another_than_it_says(tried: range, readers: dict[str, Any]) -> None:
    """Whatever is changed in a backup's file, it is refused or holds the very same content: its address is over all of it."""
    _, sound, _ = readers["backup"]
    true = from_json(sound, "backup.json")
    for seed in tried:
        raw = forged(sound, random.Random(f"address {seed}"))
        try:
            assert from_json(raw, "backup.json") == true, seed
        except Trouble as trouble:
            assert trouble.safe or trouble.advice, seed


def _cell_rows(rng: random.Random) -> list[tuple[float, float, float]]:
    """A small log: a rest, a discharge, a charge or what a cable carries, as rough as a few formulas."""
    amps, count = rng.choice((-0.6, 0.6, 1.5)), rng.choice((3, 20, 90))
    high = rng.choice((4.2, 5.1))
    return [
        (rng.choice((1.0, 60.0)) * n, high - (1.2 if high < 5 else 0.1) * n / count, amps if n > 2 else 0.0) for n in range(count)
    ]


HEADS = ("t,V,A", "time_s,voltage_V,current_A", "Zeit;V;A", "timestamp,V,mA", "Date,Volts,Amps", "a,b,c", "")
OPTIONS = (["--full", "--end", "3.0"], ["--chemistry", "lco"], ["--charging", "negative"], ["--full", "--end", "3.4"], [])


@pytest.mark.parametrize("name", ["cell", "meter"])
@pytest.mark.parametrize("tried", seeds(120, 50_000))
def test_no_log_ends_in_a_traceback_or_in_figures_that_json_does_not_know(tried: range, name: str, tmp_path: Path) -> None:
    def no_number(word: str) -> float:
        raise AssertionError(f"{word} is no JSON")

    file = tmp_path / "log.csv"
    for seed in tried:
        rng = random.Random(f"{name} log {seed}")
        head = rng.choice(HEADS)
        mark = ";" if ";" in head else ","
        rows = [mark.join(f"{value:.4f}" for value in row) for row in _cell_rows(rng)]
        text = "\n".join([head, *rows]).encode()
        file.write_bytes(forged(text, rng) if rng.random() < 0.9 else rng.randbytes(rng.randrange(1, 400)))
        more = (
            ["--rated", rng.choice(("3000", "1", "99999")), *rng.choice(OPTIONS)]
            if name == "cell"
            else rng.choice(([], ["--model", "cedar"]))
        )
        done = CliRunner().invoke(main, ["judge", name, str(file), *more, "--json"])
        assert done.exit_code in (0, 1, 2), (seed, done.exception)
        assert "mistake of its own" not in done.stderr, (seed, done.stderr)
        if done.exit_code == 0:
            json.loads(done.stdout, parse_constant=no_number)
