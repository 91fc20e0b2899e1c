"""The shelf: parts in words and as CSV, labels that a reader of its own reads back, what jobs take and give."""

from collections.abc import Mapping
from pathlib import Path
from tempfile import TemporaryDirectory

import pytest
import zxingcpp
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace
from PySide6.QtGui import QImage
from PySide6.QtWidgets import QApplication

from daruma.bench.context import Context
from daruma.bench.shelving import taken_out, vocabulary_of
from daruma.bench.workshop import Workshop
from daruma.catalogue.loader import Catalogue
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.kinds import rooms
from daruma.core.kinds.display.work import DisplayTicket
from daruma.core.labels import Label, Scanned, label_of_job, label_of_part, scanned
from daruma.core.parts import PartKind
from daruma.core.pictures.label_picture import label_picture
from daruma.core.settings import LABELS
from daruma.core.shelf import FIELDS, ShelfFault, ShelfPart, Vocabulary, read_part, texts_of
from daruma.core.tri import Tri
from daruma.handover.dots import write_frames
from daruma.handover.shelf_file import read_shelf, write_shelf
from daruma.ui.printing import plot_image, write_labels

DIE = st.text("0123456789ABCDEFabcxyz._-", min_size=4, max_size=64)
LETTERS = st.characters(whitelist_categories=("L", "N", "P", "S"), whitelist_characters=" ")
WORDS = st.text(LETTERS, max_size=60).map(lambda text: text.strip().lstrip("'"))


@pytest.fixture(scope="module")
def words(catalogue: Catalogue) -> Vocabulary:
    return vocabulary_of(dict(catalogue.names))


def parts(words: Vocabulary) -> st.SearchStrategy[ShelfPart]:
    return st.sampled_from([room.kind for room in rooms()]).flatmap(
        lambda kind: st.builds(
            ShelfPart, DIE, st.sampled_from(sorted(words.models)), WORDS, st.sampled_from(sorted(words.grades[kind])), WORDS,
            st.floats(0, 5000).map(lambda price: round(price, 2)), st.integers(0, 99), WORDS, st.just(""), st.just(kind),
            st.sampled_from(Tri), st.sampled_from(Tri), WORDS, st.dates().map(str), st.just(""),
        )
    )  # fmt: skip


@given(st.data())
def test_every_part_comes_back_from_its_words_and_from_csv(
    tmp_path_factory: pytest.TempPathFactory, words: Vocabulary, data: st.DataObject
) -> None:
    drawn = data.draw(st.lists(parts(words), max_size=5, unique_by=lambda part: part.die))
    for part in drawn:
        assert read_part(texts_of(part, words), words) == part
    file = tmp_path_factory.mktemp("shelf") / "shelf.csv"
    write_shelf(drawn, words, file)
    preview = read_shelf(file, words, {})
    assert preview.faults == ()
    assert list(preview.fresh) == [replace(part, arrived="shelf.csv") for part in drawn]
    assert read_shelf(file, words, {part.die: part for part in drawn}).same == len(drawn)


def test_a_file_is_previewed_and_its_faults_are_named_by_line(tmp_path: Path, words: Vocabulary) -> None:
    file = tmp_path / "in.csv"
    file.write_text(
        "\ufeffPart;Model;Die or serial;Grade;Price;Locked\n"
        "battery;Cedar L;B1234567;pack_new;38,50;no\n"
        "display;cedar_l;D1234567;genuine, used;12.5;\n"
        "display;nokia;D2222222;genuine_used;1;\n"
        "motor;cedar;M1;used;1;\n"
        "motor;cedar;M1234567;shiny;1;\n"
        "motor;cedar;M7654321;used;cheap;\n"
        ";;;;;\n"
        "battery;cedar_l;B1234567;pack_new;1;perhaps\n",
        encoding="utf-8",
    )
    there = {"D1234567": ShelfPart("D1234567", "cedar_l", "Ostby", "genuine_used", "crate", 70.0, used_in="J-0001@x")}
    preview = read_shelf(file, words, there)
    assert [(part.part, part.price, part.locked) for part in preview.fresh] == [(PartKind.BATTERY, 38.5, Tri.NO)]
    (changed,) = preview.changed
    assert (changed.price, changed.maker, changed.used_in) == (12.5, "Ostby", "J-0001@x"), "what the file does not say stays"
    assert [line for line, _ in preview.faults] == [4, 5, 6, 7, 9]
    assert [why.partition(":")[0] for _, why in preview.faults] == ["Model", "Die or serial", "Grade", "Price", "Locked"]
    for bad in (b"\xff\xfe", b"part,model\n", b"x" * (5 << 20)):
        file.write_bytes(bad)
        with pytest.raises(Trouble, match=r"in\.csv"):
            read_shelf(file, words, {})


def test_a_column_that_stands_twice_is_not_taken_in_silence(tmp_path: Path, words: Vocabulary) -> None:
    file = tmp_path / "in.csv"
    file.write_text("part,model,die,kind,price,Price\ndisplay,cedar_l,D1234567,genuine_used,1,2\n")
    with pytest.raises(Trouble, match=r"two columns for: price"):
        read_shelf(file, words, {})


def test_a_place_that_cannot_be_written_is_said(tmp_path: Path, words: Vocabulary) -> None:
    gone = tmp_path / "gone" / "file.csv"
    for write in (lambda: write_shelf([], words, gone), lambda: write_frames((), gone)):
        with pytest.raises(Trouble, match=r"file\.csv cannot be written") as raised:
            write()
        assert raised.value.safe


@pytest.mark.parametrize("field", [field for field in FIELDS if field.name in ("part", "model", "die", "kind")])
def test_what_a_part_must_say(field: object, words: Vocabulary) -> None:
    texts = {"part": "display", "model": "cedar", "die": "D1234567", "kind": "genuine_used"}
    name = field.name  # type: ignore[attr-defined]
    with pytest.raises(ShelfFault, match="it is missing"):
        read_part({key: text for key, text in texts.items() if key != name}, words)


def read_back(image: QImage) -> list[str]:
    """Return the codes that a library of its own (ZXing-C++, an implementation of ISO/IEC 18004) reads in a picture."""
    grey = image.convertToFormat(QImage.Format.Format_Grayscale8)
    rows = memoryview(bytes(grey.constBits())).cast("B", (grey.height(), grey.bytesPerLine()))
    return [found.text for found in zxingcpp.read_barcodes(rows)]


@pytest.mark.parametrize("size", sorted(LABELS))
def test_a_label_reads_back_as_what_it_names(size: str, qapp: QApplication, words: Vocabulary, tmp_path: Path) -> None:
    assert qapp
    part = ShelfPart("D320F4A5A6A6", "cedar_l", "Fenwick", "genuine_used", "Harbour Parts, crate 14", 66.0, place="drawer 3")
    made = label_of_part(part, "Cedar L", words.grade(part))
    width, height = (float(side) for side in size.split("x"))
    # 203 dots an inch: what a common label printer has (common practice, no source)
    image = plot_image(label_picture(made, width, height), scale=203 / 254)
    assert read_back(image) == [made.code]
    assert scanned(made.code) == Scanned(die=part.die)
    path = tmp_path / "labels.pdf"
    write_labels([made] * 30, size, path)
    assert path.read_bytes().startswith(b"%PDF")


@given(st.text(max_size=70))
def test_whatever_a_file_holds_is_answered(text: str) -> None:
    with TemporaryDirectory() as folder:
        file = Path(folder) / "x.csv"
        file.write_bytes(f"die;part;model;kind\n{text}".encode("utf-8", "surrogatepass"))
        try:
            preview = read_shelf(file, Vocabulary({"cedar": "Cedar"}, {PartKind.DISPLAY: {"new": "new"}}), {})
            assert all(line > 1 and why for line, why in preview.faults)
        except Trouble as trouble:
            assert trouble.safe == "Nothing was taken."


@given(st.text(max_size=70))
def test_only_our_codes_are_scanned(text: str) -> None:
    found = scanned(text)
    assert found is None or text.strip()[3:] in (found.die, found.job)


def test_the_label_of_a_job_names_it_by_its_identity(catalogue: Catalogue, qapp: QApplication) -> None:
    assert qapp
    job = Job(7, "2026-11-29T10:00:00+00:00", uid="0123456789abcdef0123456789abcdef")
    made: Label = label_of_job(job, catalogue.names)
    assert scanned(made.code) == Scanned(job=job.uid)
    assert read_back(plot_image(label_picture(made, 40, 20), scale=300 / 254)) == [made.code]


def test_a_job_takes_its_part_gives_it_back_and_shelves_what_it_took_out(workshop: Workshop, context: Context) -> None:
    shop, names = workshop.shop, workshop.catalogue.names
    done = next(job for job in shop.jobs.all() if job.closed)
    (removed,) = taken_out(shop, done)
    assert (removed.part, removed.model, removed.free) == (PartKind.DISPLAY, done.ticket.model, True)
    assert removed.source == f"taken out in {done.name}"
    assert done.ticket.complaint
    assert done.ticket.complaint not in " ".join(texts_of(removed, vocabulary_of(dict(names))).values()), "it outlives a purge"
    assert read_part(texts_of(removed, vocabulary_of(dict(names))), vocabulary_of(dict(names))) == removed
    shop.shelf.save(removed)
    assert taken_out(shop, done) == (), "it is there already"
    dies = {part.die: part for part in shop.shelf.all()}
    fresh = (job for job in shop.jobs.all() if not job.closed and job.ticket.system and not job.steps)
    job = next(job for job in fresh if job.ticket.of(DisplayTicket).die in dies)
    mine = dies[job.ticket.of(DisplayTicket).die]
    other = ShelfPart("D0000000TEST", mine.model, mine.maker, mine.kind, "", 1.0, used_in=job.ref)
    shop.shelf.save(other)
    shop.shelf.save(replace(mine, used_in=""))
    workshop.choose(job, workshop.plan(job).routes[0], context)
    found: Mapping[str, ShelfPart] = {part.die: part for part in shop.shelf.all()}
    assert found[mine.die].used_in == job.ref
    assert found[other.die].free
