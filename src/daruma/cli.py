"""The command line: the shop's own data, the demo, the vault."""

import os
import sys
from datetime import datetime, timedelta
from pathlib import Path
from typing import TYPE_CHECKING

import click

from daruma import __version__
from daruma.cli_common import DIRS, Place, end_with, shop_of
from daruma.cli_copies import copies
from daruma.cli_machine import completion, doctor, settings_command
from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.judging import judge
from daruma.reports import keep_log
from daruma.saying import say

if TYPE_CHECKING:
    from types import ModuleType


@click.group(invoke_without_command=True)
@click.version_option(__version__, prog_name="daruma")
@click.option("--data", type=click.Path(path_type=Path, file_okay=False), default=None, help="Data folder of the shop.")
@click.option("-v", "--verbose", is_flag=True, help="Log every exchange with the devices.")
@click.pass_context
def main(context: click.Context, data: Path | None, verbose: bool) -> None:
    """Move, guard and prove the part data of repaired phones.

    Without a command, opens the shop's own data.
    """
    os.umask(0o077)  # serials and IMEIs are personal data: whatever is written is the user's alone
    keep_log(verbose=verbose)
    context.obj = Place(_own(data) if data is not None else Path(DIRS.user_data_dir))
    if context.invoked_subcommand is None:
        sys.exit(_open_shop(context.obj))


def _own(folder: Path) -> Path:
    """Return where a store may lie in a folder that somebody named: others' rights to it are never changed."""
    from daruma.store.files import own_folder
    from daruma.store.version import FILE

    found = own_folder(folder, FILE)
    if found != folder:
        say(
            tr("daruma: others can enter {folder}: the data lie in {found}, which is yours alone.", folder=folder, found=found),
            err=True,
        )
    return found


def _open_shop(place: Place) -> int:
    app = _window_program()
    _bring_settings(place)
    return int(app.run(app.Setup(place.data, models=Path(DIRS.user_config_dir) / "models", cache=Path(DIRS.user_cache_dir))))


def _window_program() -> "ModuleType":
    """Return what opens the window; where the system lacks a library of Qt's, say the command that installs it, and end."""
    try:
        import daruma.app
    except ImportError as error:
        from daruma.system_libraries import missing_in, remedy

        library = missing_in(str(error))
        if not library:
            raise
        say(tr("daruma: {reason}", reason=remedy(library)), err=True)
        sys.exit(2)
    return daruma.app


def _bring_settings(place: Place) -> None:
    """Put what an earlier program kept in files of its own into the shop's one file."""
    from daruma.store.settings import NAME, save_settings

    if not (place.data / NAME).exists() and place.loaded.settings.values:
        try:
            save_settings(place.data, place.loaded.settings)
        except Trouble as trouble:
            end_with(trouble)


@main.command()
@click.option("--fresh", is_flag=True, help="Start the demo over.")
@click.option("--folder", type=click.Path(path_type=Path, file_okay=False), default=None, help="Data folder of the demo.")
def demo(fresh: bool, folder: Path | None) -> None:
    """Open the demo: an invented shop with a simulated bench."""
    app = _window_program()
    data = folder or Path(DIRS.user_data_dir + "-demo")
    sys.exit(app.run(app.Setup(data, cache=Path(DIRS.user_cache_dir), demo=True, fresh=fresh)))


@main.command()
@click.argument("case", type=click.Path(path_type=Path, dir_okay=False))
@click.option("--json", "as_json", is_flag=True, help="Answer as JSON.")
def plan(case: Path, as_json: bool) -> None:
    """Plan a case file: ways, closed ways, the best next step."""
    import json

    from daruma.catalogue.loader import load_catalogue
    from daruma.core.plan.knowing import worth_knowing
    from daruma.core.plan.planner import make_plan
    from daruma.handover.casefile import answer, case_from, read_case
    from daruma.handover.plantext import plan_text

    try:
        catalogue = load_catalogue(Path(DIRS.user_config_dir) / "models", Path(DIRS.user_cache_dir))
        asked, figures = case_from(read_case(case), catalogue, case.name)
    except Trouble as trouble:
        end_with(trouble)
        return
    made = make_plan(asked, figures)
    worth = worth_knowing(asked, figures, plan=made)
    if as_json:
        say(json.dumps(answer(asked, made, worth), indent=2), lines=True)
    else:
        say(plan_text(asked, made, worth, catalogue.function_labels), end="", lines=True)


@main.command("case-schema")
def case_schema() -> None:
    """Print the JSON Schema of case files."""
    from daruma.handover.casefile import schema

    say(schema(), end="", lines=True)


@main.command()
@click.pass_obj
def doubts(place: Place) -> None:
    """List the acts that were never settled, with what to do."""
    from daruma.core.acts import what, where

    with shop_of(place) as shop:
        found = shop.journal.left_in_doubt()
    for act in found:
        say(
            tr(
                "act {number}, {job_name}, {started}: {what}. {where}, then settle it at the bench.",
                number=act.number,
                job_name=act.job_name,
                started=act.started[:16],
                what=what(act),
                where=where(act),
            )
        )
    say(tr("{count_found} acts in doubt.", count_found=len(found)))
    sys.exit(1 if found else 0)


@main.command()
@click.argument("file", type=click.Path(path_type=Path, dir_okay=False))
@click.pass_obj
def journal(place: Place, file: Path) -> None:
    """Write the whole journal as CSV."""
    from daruma.handover.tables import write_journal

    with shop_of(place) as shop:
        write_journal(shop.journal, file)
    say(file)


@main.command()
@click.argument("days", type=click.IntRange(min=1))
@click.option("--yes", is_flag=True, help="Purge; without it only what would be purged is listed.")
@click.pass_obj
def purge(place: Place, days: int, yes: bool) -> None:
    """Purge the identifiers of jobs that were closed more than DAYS ago, for good."""
    from daruma.store import retention

    now = datetime.now().astimezone()
    before = (now - timedelta(days=days)).date().isoformat()
    with shop_of(place) as shop:
        found = retention.purge(shop.database, before, now.isoformat()) if yes else retention.due(shop.database, before)
    say(tr("jobs: {jobs}", jobs=", ".join(found.jobs) or tr("none")))
    say(tr("backups: {backups}", backups=", ".join(found.backups) or tr("none")))
    say(tr("Purged.") if yes else tr("Nothing was changed. Add --yes to purge."))


@main.group()
def vault() -> None:
    """Check, list, export and import backups."""


@vault.command("check")
@click.pass_obj
def vault_check(place: Place) -> None:
    """Verify every backup, act and job, their chains, and that nothing that was kept is missing."""
    with shop_of(place) as shop:
        total = max(1, shop.vault.count())
        with click.progressbar(length=total, label="checking", file=sys.stderr, hidden=not sys.stderr.isatty()) as bar:
            seen, faults = shop.check(lambda done: bar.update(done - bar.pos))
    for fault in faults:
        say(f"{fault.name}: {fault.what}")
    say(tr("{seen} backups checked, {count_faults} faults.", seen=seen, count_faults=len(faults)))
    sys.exit(1 if faults else 0)


@vault.command("list")
@click.argument("words", nargs=-1)
@click.pass_obj
def vault_list(place: Place, words: tuple[str, ...]) -> None:
    """List backups whose texts hold every word."""
    with shop_of(place) as shop:
        for backup in shop.vault.find(" ".join(words)):
            content = backup.content
            where = f"{content.model:10} {content.imei:16} {content.die}"
            arrived = tr("  imported") if backup.arrived else ""
            say(f"{backup.name}  {content.taken[:16]}  {where}  {backup.sha256[:12]}{arrived}")


@vault.command("export")
@click.argument("name")
@click.argument("folder", type=click.Path(path_type=Path, file_okay=False))
@click.pass_obj
def vault_export(place: Place, name: str, folder: Path) -> None:
    """Write a backup as JSON, Intel HEX and raw binary, with their checksums."""
    from daruma.handover.exchange import export

    with shop_of(place) as shop:
        for path in export(shop.vault.get(name), folder):
            say(path)


@vault.command("import")
@click.argument("file", type=click.Path(path_type=Path, dir_okay=False))
@click.pass_obj
def vault_import(place: Place, file: Path) -> None:
    """Take a backup's JSON file into the vault."""
    from daruma.handover.exchange import arrived, read_file

    with shop_of(place) as shop:
        kept = shop.vault.keep(read_file(file), arrived=arrived(file, datetime.now().astimezone().isoformat()))
        say(tr("{file} is {kept}", file=file.name, kept=kept.name))


@vault.command("schema")
def vault_schema() -> None:
    """Print the JSON Schema of backup files."""
    from daruma.handover.exchange import schema

    say(schema(), end="", lines=True)


for command in (copies, judge, doctor, settings_command, completion):
    main.add_command(command)
