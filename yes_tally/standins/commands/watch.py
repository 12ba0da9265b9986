"""``watch …``: what runs on the PC, what it keeps, and how it is."""

from __future__ import annotations

from yes_tally.standins.commands.command import Command
from yes_tally.standins.layouts import Lines, boxed, colons, columns, records, underlined
from yes_tally.standins.machine import Machine
from yes_tally.standins.telling import Teller, Told, words
from yes_tally.standins.units import day, grouped_megabytes, kilobytes, listed, minute, yes_no


def session(pc: Machine) -> Lines:
    tell = Teller(pc)
    return [
        *underlined("This session", "-"),
        *colons(
            [
                ("Registered owner", tell("host.owner")), ("Organisation", tell("host.organisation")), ("Signed-in user", tell("host.user")),
                ("Last start", tell("host.booted_at", minute)), ("Kernel version", tell("os.kernel")),
                ("System language", tell("os.language")), ("Product id", tell("os.product_id")),
                ("Available memory", tell("memory.available", grouped_megabytes)), ("Licence server", tell("licence.server")),
                ("Permanent licence", tell("licence.permanent", yes_no)), ("Resets left", tell("licence.resets_left")),
            ],
            20,
        ),
    ]  # fmt: skip


def processes(pc: Machine) -> Lines:
    rows = [[p("pid"), p("name"), p("user"), p("memory", kilobytes)] for p in Teller(pc).items("process", "pid")]
    return columns(("PID", "Process", "User", "Memory"), rows, (0, 3), "=")


def events(pc: Machine) -> Lines:
    return records(
        colons(
            [("Time", e("at", minute)), ("Level", e("level")), ("Source", e("source")), ("Event id", e("id")), ("Message", e("text"))],
            10,
        )
        for e in Teller(pc).items("event", "id")
    )  # fmt: skip


def updates(pc: Machine) -> Lines:
    rows = [[u("id"), u("title"), u("installed_at", day)] for u in Teller(pc).items("update", "id")]
    return boxed(("Update", "Title", "Installed on"), rows)


def people(pc: Machine) -> Lines:
    rows = [
        [
            a("name"), a("enabled", yes_no), a("admin", yes_no), a("password_required", yes_no), a("password_expires_at", day),
            a("last_logon_at", minute), a("groups", listed),
        ]
        for a in Teller(pc).items("account", "name")
    ]  # fmt: skip
    head = ("Account", "Enabled", "Admin", "Password required", "Password expires", "Last logon", "Groups")
    return columns(head, rows)


def policies(pc: Machine) -> Lines:
    shown = {"both": "Success and failure", "none": "No auditing", "success": "Success", "failure": "Failure"}
    rows = [
        [p("category"), p("subcategory"), p("records", lambda value: shown[value])]
        for p in Teller(pc).items("policy", "subcategory")
    ]
    return [Told("Audit policy"), *columns(("Category", "Subcategory", "Setting"), rows, rule="-")]


def starting(pc: Machine) -> Lines:
    tell = Teller(pc)
    boots = records(
        colons(
            [("Boot entry", b("id")), ("Description", b("name")), ("Path", b("path")), ("Default", b("default", yes_no))], 14
        )
        for b in tell.items("boot_entry", "id")
    )  # fmt: skip
    files = [[p("path"), p("size", kilobytes), p("used", kilobytes)] for p in tell.items("page_file", "path")]
    return [*boots, Told(""), *columns(("Page file", "Allocated", "In use"), files, (1, 2), "-")]


def environment(pc: Machine) -> Lines:
    tell = Teller(pc)
    variables = [[v("name"), v("value")] for v in tell.items("variable", "name")]
    folders = [[f("order"), f("folder")] for f in tell.items("search_folder", "order")]
    return [
        Told("Environment variables"), *columns(("Variable", "Value"), variables, rule="-"), Told(""),
        Told("Search path"), *columns(("Order", "Folder"), folders, (0,), "-"),
    ]  # fmt: skip


_RESULTS = {"clean": "found no problems", "repaired": "found problems and repaired them"}


def health(pc: Machine) -> Lines:
    kinds = {"system-files": "System file check", "disk": "Disk check"}
    return records(
        [
            words("{kind} of {target}, {at}", kind=h("kind", lambda k: kinds[k]), target=h("target"), at=h("at", minute)),
            words("The check {result}.", result=h("result", lambda r: _RESULTS[r])),
            words("Errors: {errors}  Warnings: {warnings}  Notes: {notes}", errors=h("errors"), warnings=h("warnings"), notes=h("notes")),
        ]
        for h in Teller(pc).items("health_check", "kind")
    )  # fmt: skip


COMMANDS = (
    Command("watch session", session, "owner, user, last start, memory left", 0.3),
    Command("watch processes", processes, "running processes", 0.9),
    Command("watch events", events, "the latest errors and warnings", 2.8, "administrator"),
    Command("watch updates", updates, "installed updates", 3.3),
    Command("watch people", people, "accounts, passwords and last logons", 0.8, "administrator"),
    Command("watch policies", policies, "what is audited", 0.5, "administrator"),
    Command("watch starting", starting, "boot entries and page files", 0.4, "administrator"),
    Command("watch environment", environment, "environment and search path", 0.1),
    Command("watch health", health, "results of the last checks", 1.1, "administrator"),
)
