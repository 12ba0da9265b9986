"""Accounts a row each, and the accounts that are listed as the members of a group.

::

    Members of group Administrators (3):
       administrator        built-in, disabled
       kfield               Kay Field, local
    Group Backup Operators: NQ\\svc-backup
    kfield is in: Users, Print Admins
    Administrators : kfield, svc-backup
    Users          : kfield, till
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS, FactKind
from yes_tally.core.quantity import Value, exactly
from yes_tally.core.reading.clauses.by_clause import by_assertion, by_label
from yes_tally.core.reading.drafts import Item
from yes_tally.core.reading.meaning.decide import Context, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS
from yes_tally.core.reading.shapes.layout import MAX_LABEL, MAX_LINE, Entry, indent_of
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import FULL_NAME
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import flag_of, is_placeholder

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_LOGIN = r"(?:[A-Za-z][\w-]*\\)?[A-Za-z][\w.$-]{1,30}"
_ROW = re.compile(rf"\s*(?:[*•-] )?(?P<name>{_LOGIN})(?:\s{{2,}}(?P<told>\S.*))?\s*$")
# What people sign in with is written small, or with a number or a mark in it, or behind its domain.
_SIGNS_IN = re.compile(r"[a-z][^A-Z]*|.*[\\\d._-].*")
_GROUP = r"(?:groups?|gruppen?|groupes?|grupos?|gruppo|gruppi|groep|groepen|grup[ayę])"
_IS_GROUP = re.compile(rf"\b{_GROUP}\b|\w+gruppe\b|\w+groep\b", re.I)
_NAME = r"[^:()\"'”“»]{1,40}?)[\"'”“»]?"
_CALLED = rf"[\"'“„«]?(?P<group>[^\W\d_]{_NAME}"
_LARGE = "(?-i:[A-ZŻŹŚŁ])"
_CALLED_LARGE = rf"[\"'“„«]?(?P<group>{_LARGE}{_NAME}"
_MEMBERS = (
    r"(?:members?|mitglieder|membres|miembros|membros|membri|leden|cz[łl]onkowie)(?: (?:of|in|der|von|du|de|del|do|di|van))?"
    r"(?: (?:the|la|le|il|de))?"
)
_MEMBERS_OF = re.compile(
    rf"\W*{_MEMBERS}(?: [^\W\d_]+)? ?{_GROUP} {_CALLED}(?: \(\d{{1,4}}\))?\W*$",
    re.I,
)
_GROUP_OF = re.compile(
    rf"\W*(?:{_MEMBERS} )?(?:[^\W\d_]+ )?{_GROUP} {_CALLED_LARGE}(?: \(\d{{1,4}}\))?\s*[:=]\s+(?P<members>\S.*?)\W*$",
    re.I,
)
_BELONGS = (
    rf"(?P<name>{_LOGIN}) (?:is (?:in|a member of|member of)|belongs to|ist (?:in|mitglied (?:von|in|der))|geh[öo]rt zu|est (?:dans|membre (?:de|des|du))|(?:fait partie|appartient) (?:de|des|du|[àa]|aux?)|"
    r"(?:es miembro|[eé] membro|forma parte|faz parte|fa parte) d[eaio]s?l?|pertenece a|pertence (?:a|aos?|[àa]s?)|appartiene a[il]?|behoort tot|maakt deel uit van|[eè] (?:in|membro d[ie]l?)|is lid van|zit in|nale[żz]y do|jest w|jest cz[łl]onkiem)"
    rf"(?: (?:the|these|following|den|diesen|folgenden|les|los|i|de|dei|deze|tych))*(?: {_GROUP})?"
)
_IS_IN = re.compile(rf"\s*{_BELONGS} ?:? (?P<groups>{_LARGE}.*?)\.?\s*$", re.I)
_IS_IN_THOSE_BELOW = re.compile(rf"\s*{_BELONGS}\s?:\s*$", re.I)
_ONE_GROUP = re.compile(rf"\s*(?:[*•+-] |\d{{1,2}}[.)] )?\s*(?P<group>{_LARGE}[\w\\. -]{{1,60}}?)\s*$")
_ADMINISTRATORS = re.compile(r"(?:local )?(?:admin\w*|amministrat\w+|beheerder\w*)", re.I)
_COMMA = re.compile(r"[,;] *")
_PARTS = re.compile(r"\s{2,}|[,;] +")
_QUOTED = re.compile(r"[\"«„“] ?(?P<quoted>[^\"«»„“”]+?) ?[\"»“”]")
_LEAST = 2


def rows_of_accounts(interpreter: Interpreter, lines: Sequence[Line], around: tuple[str, ...]) -> bool:
    """Read rows that each begin with what somebody signs in with. Whether they were read."""
    if lines and (title := lines[0].text.strip()).endswith(":") and SUBJECTS.get(words_of(title)) == "account":
        lines, around = lines[1:], ("account",)
    rows = [(line, _ROW.match(line.text)) for line in lines] if around[:1] == ("account",) else []
    signed = [(line, row) for line, row in rows if row and row["told"] and _SIGNS_IN.fullmatch(row["name"])]
    # ``name    kfield`` over ``enabled    yes``: labels, and no logins.
    labels = sum(bool(decide(row["name"], Context("account"))) for _, row in signed)
    if len(rows) < _LEAST or len(signed) < len(rows) or labels * 2 > len(rows):
        return False
    told = {line.number: list(_told(interpreter, line, row)) for line, row in signed}
    if sum(map(bool, told.values())) * 2 < len(rows):
        return False
    for line, row in signed:
        if not _IS_GROUP.search(row["told"]):
            item = _called(interpreter, row["name"], line, row.start("name"))
            _tell(interpreter, item, told[line.number])
    return True


def members_of_groups(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """Read who is in which group, where a section says so; returns the lines that were read."""
    read: set[int] = set()
    for place, line in enumerate(lines):
        if len(line.text) > MAX_LINE:
            continue
        if heading := _MEMBERS_OF.match(line.text[:MAX_LABEL]):
            below = list(_below(lines, place))
            for member, row in below:
                if not _IS_GROUP.search(row["told"] or ""):
                    item = _called(interpreter, row["name"], member, row.start("name"))
                    _in_group(interpreter, item, heading["group"], line, heading.start("group"))
                    _tell(interpreter, item, list(_told(interpreter, member, row)) if row["told"] else [])
            read |= {line.number, *(member.number for member, _ in below)} if below else set()
        elif listed := _GROUP_OF.match(line.text):
            names = _names(listed["members"], listed.start("members"))
            for name, at in names:
                item = _called(interpreter, name, line, at)
                _in_group(interpreter, item, listed["group"], line, listed.start("group"))
            read |= {line.number} if names else set()
        elif (belongs := _IS_IN.match(line.text)) and _SIGNS_IN.fullmatch(belongs["name"]):
            groups = Entry("", belongs["groups"], line.number, belongs.start("groups") + 1)
            value = understand(FACTS["account.groups"], groups.printed, interpreter.locale)
            if value:
                item = _called(interpreter, belongs["name"], line, belongs.start("name"))
                interpreter.add("account.groups", item, groups, value, "sentences", 0.85, "a sentence says so")
                read.add(line.number)
        elif belongs := _IS_IN_THOSE_BELOW.match(line.text[:MAX_LABEL]):
            read |= _groups_below(interpreter, lines, place, belongs)
    return read | _groups_over_members(interpreter, lines) | _groups_beside(interpreter, lines)


_PARTED_FROM = r"(?:\s?\.{3,}:?\s*|\s?[:=]\s*|\s{2,})"
_GROUP_NAMED = re.compile(rf"\s*(?:local )?{_GROUP}{_PARTED_FROM}(?P<group>[^\W\d_][\w .-]{{1,40}}?)\s*$", re.I)
_ITS_MEMBERS = re.compile(
    rf"\s*(?:members?|mitglieder|membres|miembros|membros|membri|leden|cz[łl]onkowie)(?: ?\(\d{{1,4}}\))?{_PARTED_FROM}(?P<members>\S.*?)?\s*$",
    re.I,
)
_LINES_BETWEEN = 4


def _groups_over_members(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """``Group: Administrators`` over ``Members:`` and those, beside it or deeper below it; returns the lines that were read."""
    read: set[int] = set()
    for place, line in enumerate(lines):
        head = _GROUP_NAMED.match(line.text[:MAX_LABEL])
        for at in range(place + 1, min(place + _LINES_BETWEEN, len(lines))) if head else ():
            label = _ITS_MEMBERS.match(lines[at].text[:MAX_LINE])
            if head and label:
                members = _members_listed(lines, at, label)
                for member, name, column in members:
                    item = _called(interpreter, name, member, column)
                    _in_group(interpreter, item, head["group"], line, head.start("group"))
                read |= {line.number, *(member.number for member, _, _ in members)} if members else set()
                break
    return read


def _members_listed(lines: Sequence[Line], place: int, label: re.Match[str]) -> list[tuple[Line, str, int]]:
    """The logins beside a label and deeper below it, each with its line and its column from 0; what has a blank in it is
    a group within the group."""
    beside = _names(label["members"], label.start("members")) if label["members"] else []
    found = [(lines[place], name, at) for name, at in beside]
    for line in lines[place + 1 :]:
        own = indent_of(line.text)
        if not line.text.strip() or own <= indent_of(lines[place].text) or len(line.text) > MAX_LABEL:
            break
        listed = line.text.strip(" *•-+")
        found += [(line, name, at) for name, at in _names(listed, line.text.index(listed))]
    return found


# Groups that a PC has of itself; where one is listed with its members, those below it are groups too.
_ALL_ADMINISTRATORS = re.compile(
    r"(?:local |lokale )?(?:admin\w*(?:s|en|zy)|amministratori|beheerders)(?: (?:locaux|locales|locais|locali|lokalni))?",
    re.I,
)
# ``LSF\\Domain-Admins``: a group within a group.
_OF_DOMAIN = re.compile(
    r"\\(?:dom[a-zäé]*[ -]?)?(?:admin\w*|beheerders|users|gebruikers|benutzer|utilisateurs|usuarios|utenti)$", re.I
)
_GROUP_AND_MEMBERS = re.compile(rf"\s*(?P<group>{_LARGE}[\w .-]{{2,40}}?)\s*(?::\s|\s{{2,}})\s*(?P<members>\S.*?)?\s*$")
_HEADS_MEMBERS = re.compile(rf"\s*\[?(?P<group>{_LARGE}[\w .-]{{2,40}}?)\]?:?(?: ?\(\d{{1,4}}\):?)?\s*$")


def _groups_beside(interpreter: Interpreter, lines: Sequence[Line]) -> set[int]:
    """Read groups each beside or over its members, where one is that of the administrators; returns the lines that were
    read."""
    if not any("min" in line.text[:MAX_LABEL] or "eheer" in line.text[:MAX_LABEL] for line in lines):
        return set()  # none of those words
    if not any(_ALL_ADMINISTRATORS.match(line.text.lstrip(" [")) for line in lines):
        return set()
    groups = _members_beside(lines) or _members_below(lines)
    if len(groups) < _LEAST or not any(_ALL_ADMINISTRATORS.fullmatch(head["group"]) for _, head, _ in groups):
        return set()
    read: set[int] = set()
    for line, head, members in groups:
        for member, name, at in members:
            if _OF_DOMAIN.search(name):
                continue
            item = _called(interpreter, name, member, at)
            _in_group(interpreter, item, head["group"], line, head.start("group"))
        read |= {line.number, *(member.number for member, _, _ in members)}
    return read


_Members = list[tuple[Line, re.Match[str], list[tuple[Line, str, int]]]]


def _members_beside(lines: Sequence[Line]) -> _Members:
    """The rows of groups that each list their members (or say that there are none), below each other."""
    found: _Members = []
    for line in lines:
        row = _GROUP_AND_MEMBERS.match(line.text) if len(line.text) <= MAX_LINE else None
        listed = (row["members"] or "") if row else ""
        names = [] if row is None or is_placeholder(listed) else _names(listed, row.start("members"))
        if row and (names or is_placeholder(listed)) and not any(flag_of(name) is not None for name, _ in names):
            found.append((line, row, [(line, name, at) for name, at in names]))
        elif len(found) >= _LEAST:
            break
        else:
            found = []
    return found


def _members_below(lines: Sequence[Line]) -> _Members:
    """The groups that each head their members, one a line and further in."""
    found: _Members = []
    for place, line in enumerate(lines):
        head = _HEADS_MEMBERS.match(line.text[:MAX_LABEL])
        below = list(_below(lines, place)) if head else []
        if head and below and all(row["told"] is None for _, row in below):
            found.append((line, head, [(member, row["name"], row.start("name")) for member, row in below]))
    return found


def _groups_below(interpreter: Interpreter, lines: Sequence[Line], place: int, belongs: re.Match[str]) -> set[int]:
    """Read the groups that are listed, one a line, below whom they have as a member; returns the lines that were read."""
    below: list[tuple[Line, re.Match[str]]] = []
    for line in lines[place + 1 :]:
        match = _ONE_GROUP.match(line.text) if len(line.text) <= MAX_LABEL else None
        if match is None:
            break
        below.append((line, match))
    if not below:
        return set()
    item = _called(interpreter, belongs["name"], lines[place], belongs.start("name"))
    for line, match in below:
        entry = Entry("", match["group"], line.number, match.start("group") + 1)
        if value := understand(FACTS["account.groups"], entry.printed, interpreter.locale):
            interpreter.add("account.groups", item, entry, value, "sentences", 0.85, "it is listed below who is in it")
    return {lines[place].number, *(line.number for line, _ in below)}


def _below(lines: Sequence[Line], place: int) -> Iterator[tuple[Line, re.Match[str]]]:
    """The rows that stand deeper than a heading, each begun by a login; none where one of them is no such row."""
    own = indent_of(lines[place].text)
    rows = []
    for line in lines[place + 1 :]:
        if not line.text.strip() or indent_of(line.text) <= own:
            break
        row = _ROW.match(line.text) if len(line.text) <= MAX_LINE else None
        if row is None:
            return
        rows.append((line, row))
    yield from rows


def _names(text: str, start: int) -> list[tuple[str, int]]:
    """Logins between commas, each with its place; none where one of them is no login."""
    found, at = [], start
    for part in _COMMA.split(text):
        if not re.fullmatch(_LOGIN, part) or is_placeholder(part):
            return []
        at = start + text.index(part, at - start)
        found.append((part, at))
        at += len(part)
    return found


def _called(interpreter: Interpreter, name: str, line: Line, at: int) -> Item:
    item = interpreter.new_item("account")
    place = Entry("", name, line.number, at + 1)
    interpreter.add(
        "account.name", item, place, exactly("text", name), "rows", 0.85, "it begins what is told of a account"
    )
    return item


def _in_group(interpreter: Interpreter, item: Item, group: str, line: Line, at: int) -> None:
    """An account is in the group that lists it; ``Administrators`` may all that there is."""
    place = Entry("", group, line.number, at + 1)
    if _ADMINISTRATORS.fullmatch(group):
        interpreter.add("account.admin", item, place, exactly("flag", True), "rows", 0.82, "it is listed in this group")
    if value := understand(FACTS["account.groups"], group, interpreter.locale):
        interpreter.add("account.groups", item, place, value, "rows", 0.82, "it is listed in this group")


_Told = tuple[FactKind, Entry, Value]


def _told(interpreter: Interpreter, line: Line, row: re.Match[str]) -> Iterator[_Told]:
    """What the words behind a login say: who it is, and what is said of an account by itself."""
    left = [fact for fact in FIELDS["account"] if fact.field not in ("name", "groups")]
    at = row.start("told")
    for part in filter(None, _PARTS.split(row["told"])):
        at = line.text.index(part, at)
        text = part.strip("()[]. ")
        at += len(part)
        if is_placeholder(text):
            continue
        found = (
            by_label(interpreter, text, "account", left)
            or _full_name(text, left)
            or by_assertion(interpreter, text, "account", left)
        )
        if found:
            fact, value, offset = found
            left.remove(fact)
            column = line.text.index(text, at - len(part)) + offset
            yield fact, Entry("", text[offset:], line.number, column + 1), value


def _full_name(text: str, left: Sequence[FactKind]) -> tuple[FactKind, Value, int] | None:
    full = next((fact for fact in left if fact.field == "full_name"), None)
    called = _QUOTED.fullmatch(text) or FULL_NAME.fullmatch(text)
    name = called["quoted"] if called and called.re is _QUOTED else text
    return (full, exactly("text", name), 0) if full and called else None


def _tell(interpreter: Interpreter, item: Item, told: Sequence[_Told]) -> None:
    for fact, place, value in told:
        interpreter.add(fact.name, item, place, value, "rows", 0.82, "its form says what it is of a account")
