"""Lists of variables, where every label is a name; and the search path among them."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.meaning.decide import Context, decide, infer_group
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.shapes.layout import LIST_MARK, MAX_LINE, Entry
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.understand import understand

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_FOLDERS = re.compile(r"^[A-Za-z]:\\.*;|^/[^:]*:/")


def are_variables(labels: Sequence[str]) -> bool:
    """Whether labels under "environment" are names of variables: not those of one variable's own record (name, value),
    and not facts of something else."""
    if {words_of(label) for label in labels} <= {("name",), ("value",), ("variable",)}:
        return False
    if any("_" in label or label.isupper() for label in labels):
        return True
    return len(labels) > 1 and infer_group(tuple(labels), (), False) is None


def is_environment(labels: Sequence[str], shape: str) -> bool:
    """Whether pairs that nothing names are an environment: capitals, and what every environment has among them."""
    return (
        shape == "pairs"
        and not _OF_ANY.isdisjoint(labels)
        and all(label.isupper() and " " not in label for label in labels)
    )


# POSIX.1-2017, Base Definitions, 8.1 and 8.3: what environments have, less what else may be called so.
_OF_ANY = frozenset({"PATH", "HOME", "EDITOR", "LOGNAME", "PWD", "SHELL", "TMPDIR"})


def variable_list(interpreter: Interpreter, entries: Sequence[Entry], shape: str) -> None:
    """In a list of variables the labels are their names, whatever else they might mean."""
    for entry, *more in _wrapped(entries):
        if entry is entries[0] and _heads(entry):
            interpreter.frame.add(entry.line)
            continue
        item = interpreter.new_item("variable")
        parts = (entry, *more)
        whole = _between(parts).join(part.printed for part in parts)
        text = understand(FACTS["variable.value"], whole, interpreter.locale)
        name = Entry(entry.label, entry.label, entry.line, max(1, entry.column - len(entry.label) - 1))
        interpreter.add("variable.name", item, name, exactly("text", entry.label), shape, 0.9, "a list of variables")
        if text:
            interpreter.add("variable.value", item, entry, text, shape, 0.9, "a list of variables")
            interpreter.drafts[-1].until = more[-1].line if more else 0
        interpreter.blanks.update(part.line for part in more)
        search_path(interpreter, (entry, *more), shape)


# ``HARBOUR_HOME - C:\\Harbour``, ``[LANG_UI] en-GB``, ``2) TEMP   D:\\Temp``; names as in POSIX.1-2017, 8.1, and with brackets.
_NAME_BEFORE_VALUE = re.compile(
    rf"\s*{LIST_MARK}"
    r"(?P<open>[\[\"“„«])? ?(?P<name>[A-Za-z_][\w]*(?:\([\w]+\))?) ?(?(open)[\]\"”“»])"
    r"(?P<mark>\s*(?:=|:)\s*| ?[,;]\s+|\s*(?:[-=]>|→|--?|–|—|\|) +|\s{2,}| is (?:set to )?| (?=\()|(?(open)\s|(?!)))(?P<value>\S.*?)\s*$"
)
_HELD = re.compile(r"\([^()]*\)|\"[^\"]*\"|'[^']*'")
_LEAST_VARIABLES = 2


def names_before_values(interpreter: Interpreter, lines: Sequence[Line], spoken: Sequence[str]) -> bool:
    """Read a block as variables, a line each, where every line is a name, one and the same mark, and a value. Whether it was
    read."""
    if spoken[:1] != ("variable",) or len(lines) < _LEAST_VARIABLES:
        return False
    found = [_NAME_BEFORE_VALUE.match(line.text) if len(line.text) <= MAX_LINE else None for line in lines]
    rows = [match for match in found if match]
    if len(rows) < len(lines) or len({match["mark"].strip() for match in rows}) > 1:
        return False
    if _heads(Entry(rows[0]["name"], rows[0]["value"], 0, 0)) or len({match["name"] for match in rows}) < len(rows):
        return False
    entries = []
    for line, match in zip(lines, rows, strict=True):
        value, skip = match["value"], 0
        if _HELD.fullmatch(value) and (value[0] != "(" or match["mark"].isspace()):
            value, skip = value[1:-1], 1
        entries.append(Entry(match["name"], value, line.number, match.start("value") + skip + 1))
    variable_list(interpreter, entries, "words")
    return True


# ``C:\\Tools``, one of a path's folders on a line of its own.
_FOLDER_ALONE = re.compile(r"(?:[A-Za-z]:\\|/|%\w+%)[^;]*")


def _between(parts: Sequence[Entry]) -> str:
    """What stands between a value's lines: what parts folders where each line is one, else nothing."""
    if len(parts) < 2 or not all(_FOLDER_ALONE.fullmatch(part.printed) for part in parts):
        return ""
    return ":" if parts[0].printed.startswith("/") else ";"


def _wrapped(entries: Sequence[Entry]) -> Iterator[list[Entry]]:
    """The entries, those together that go on from line to line under one label."""
    run: list[Entry] = []
    for entry in entries:
        if run and (entry.label, entry.line) != (run[-1].label, run[-1].line + 1):
            yield run
            run = []
        run.append(entry)
    if run:
        yield run


def _heads(entry: Entry) -> bool:
    """``Variable   Value``: what stands below."""
    context = Context("variable")
    meant = [guess.fact for text in (entry.label, entry.printed) for guess in decide(text, context)[:1]]
    return meant == ["variable.name", "variable.value"]


_FOLDER_ROW = re.compile(
    r"\s*(?:[-*•]\s+|\[?(?P<order>\d{1,3})[\].):]?\s+)?(?P<folder>\"?(?:[A-Za-z]:\\|/|%\w+%)[^\";]*?\"?)(?:\s{2,}.*)?\s*$"
)


def folders_listed(interpreter: Interpreter, lines: Sequence[Line]) -> bool:
    """A search path of one folder a line, numbered or in its order, and nothing else but a title. Whether it was read."""
    lines = lines[1:] if lines and lines[0].text.rstrip().endswith(":") else lines
    rows = [match for line in lines if (match := _FOLDER_ROW.match(line.text[:MAX_LINE]))]
    if not rows or len(rows) < len(lines):
        return False
    for place, (line, row) in enumerate(zip(lines, rows, strict=True), 1):
        item = interpreter.new_item("search_folder")
        order = "order" if row["order"] else "folder"
        at = Entry("", row[order], line.number, row.start(order) + 1)
        number = exactly("count", int(row["order"] or place))
        interpreter.add("search_folder.order", item, at, number, "rows", 0.8, "its place in the path")
        entry = Entry("", row["folder"], line.number, row.start("folder") + 1)
        if folder := understand(FACTS["search_folder.folder"], row["folder"].strip('"'), interpreter.locale):
            interpreter.add("search_folder.folder", item, entry, folder, "rows", 0.8, "a folder of the path")
    return True


def folders_in_order(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """Folders below a title that speaks of the search path, their own first line maybe (``Search folders, in order``), or
    that are counted from one below what speaks of variables or of the search path. Whether they were read."""
    title, *below = lines
    first = _FOLDER_ROW.match(below[0].text[:MAX_LINE]) if below else None
    # Of a page file more is told behind it.
    alone = first and first.end("folder") == len(below[0].text.rstrip())
    titled = alone and not _FOLDER_ROW.match(title.text[:MAX_LINE])
    if titled and interpreter.heading(title.text)[:1] == ("search_folder",) and folders_listed(interpreter, below):
        interpreter.frame.add(title.number)
        return True
    if not _OF_PATHS.intersection(around):
        return False
    rows = [_FOLDER_ROW.match(line.text[:MAX_LINE]) for line in lines]
    counted = [int(row["order"]) for row in rows if row and row["order"]]
    return counted == list(range(1, len(counted) + 1)) and folders_listed(interpreter, lines) if counted else False


_OF_PATHS = frozenset({"search_folder", "variable"})
_PATHS = frozenset("path search pfad chemin ruta caminho percorso pad sciezka suchpfad zoekpad".split())


def search_path(interpreter: Interpreter, parts: Sequence[Entry], shape: str) -> None:
    """An executable search path is a list of folders, in order; ``parts`` are the lines that it is printed on."""
    first = parts[0]
    alone = _between(parts)
    if not _PATHS & set(words_of(first.label)) or not (alone or _FOLDERS.search(first.printed)):
        return
    mark = ";" if ";" in first.printed else ":"
    for entry in parts:
        at = 0
        for folder in [entry.printed] if alone else entry.printed.split(mark):
            bare = folder.strip().strip('"')
            value = understand(FACTS["search_folder.folder"], bare, interpreter.locale)
            if value:
                item = interpreter.new_item("search_folder")
                interpreter.folders += 1
                place = Entry(entry.label, bare, entry.line, entry.column + at + folder.index(bare))
                order = exactly("count", interpreter.folders)
                interpreter.add("search_folder.order", item, place, order, shape, 0.8, "its place in the path")
                interpreter.add("search_folder.folder", item, place, value, shape, 0.85, "a folder of the path")
            at += len(folder) + 1
