"""Markup: XML, property lists and HTML pages. Elements are labels or groups, tables are tables, lists of definitions pairs.

Read tag by tag with its own stack; nothing outside the text is ever fetched, no entity but HTML's named ones is known.
"""

from __future__ import annotations

import html
import re
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, field

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, is_known
from yes_tally.core.reading.shapes.layout import Entry, Group, Heading, Layout, all_entries, known_share
from yes_tally.core.reading.text.decode import Line

_TAG = re.compile(
    r"<(?P<close>/?)(?P<name>[A-Za-z][\w:.-]{0,60})(?P<attributes>(?:\s[^<>]*?)?)(?P<empty>/?)>|<!\[CDATA\[(?P<data>.*?)\]\]>|<[!?][^>]*>"
)
# What an element says in so many words is a text, no name of it.
_SENTENCE = re.compile(r"\S+(?: \S+){3,}|\S+(?: \S+)+[.!]")
_ATTRIBUTE = re.compile(r"([\w:.-]{1,60})\s*=\s*(?:\"([^\"]*)\"|'([^']*)')")
# No name of an attribute begins with a digit (``<Disk 0>``, XML 1.0, 2.3).
_START = re.compile(r"\s*<(?:[!?]|[A-Za-z][\w:.-]*(?:[\s/]+(?![\s\d])|>|[\s/]*$))")
_HIDDEN = frozenset({"script", "style", "head", "title"})
_INLINE = frozenset({"b", "i", "em", "strong", "span", "a", "code", "br", "font", "small", "p", "u"})
_HEADINGS = frozenset({"h1", "h2", "h3", "h4", "h5", "h6", "caption"})
_HTML = frozenset({"html", "table", "tr", "td", "th", "dl", "dt", "dd", "body"})
_CELLS = frozenset({"td", "th", "li", "dd", "dt"})
_LABEL_NAMES = ("name", "key", "label", "property", "caption", "id")
_MAX_TAGS = 300_000


@dataclass(slots=True)
class _Text:
    text: str
    line: int
    column: int


@dataclass(slots=True)
class _Node:
    """An element: its name as written and folded, its own text, its children."""

    label: str
    name: str
    line: int
    column: int
    texts: list[_Text] = field(default_factory=list)
    children: list[_Node] = field(default_factory=list)
    attributes: dict[str, _Text] = field(default_factory=dict)

    def said(self) -> _Text | None:
        parts = [text for text in self.texts if text.text.strip()]
        if not parts:
            return None
        return _Text(" ".join(part.text.strip() for part in parts), parts[0].line, parts[0].column)


def lay_out(lines: Sequence[Line]) -> Layout | None:
    """Read lines that begin as markup does, or ``None``."""
    first = next((line.text for line in lines if line.text.strip()), "")
    if not _START.match(first):
        return None
    root = _parse(lines)
    is_page = any(node.name in _HTML for node in _walk(root))
    groups = list(_page(root)) if is_page else [_tree(root)]
    entries = all_entries(groups)
    if not entries:
        return None
    return Layout("HTML" if is_page else "tree", groups, 0.3 + 0.7 * known_share(entries))


def _parse(lines: Sequence[Line]) -> _Node:
    root = _Node("", "", 0, 0)
    stack = [root]
    tokens = list(_tokens(lines))
    # A document that is no page may have elements that pages have too (``<p n="Quaymaster Desk"/>``).
    document = lines[0].text.lstrip().startswith("<?xml") and not any(
        not isinstance(token, str) and (token["name"] or "").casefold() in _HTML for token, _, _ in tokens
    )
    for token, line, column in tokens:
        if isinstance(token, str):
            stack[-1].texts.append(_Text(html.unescape(token), line, column))
            continue
        label = (token["name"] or "").rsplit(":", 1)[-1]
        name = label.casefold()
        apart = name == "p" and not any(node.name in _CELLS for node in stack)
        if not name or (name in _INLINE and not document and not apart):
            continue
        if token["close"]:
            at = next((i for i in range(len(stack) - 1, 0, -1) if stack[i].name == name), None)
            if at:
                del stack[at:]
            continue
        if name == "p" and stack[-1].name == "p":
            stack.pop()  # HTML lets paragraphs end without saying so
        if name in ("tr", "td", "th", "dt", "dd", "li"):
            _close_open_sibling(stack, name)
        node = _Node(label, name, line, column)
        for match in _ATTRIBUTE.finditer(token["attributes"] or ""):
            offset = match.start(2) if match[2] is not None else match.start(3)
            place = column + token.start("attributes") - token.start() + offset
            node.attributes[match[1]] = _Text(html.unescape(match[2] or match[3] or ""), line, place)
        stack[-1].children.append(node)
        if not token["empty"] and len(stack) < 2000:
            stack.append(node)
    return root


def _close_open_sibling(stack: list[_Node], name: str) -> None:
    """HTML lets rows and cells end without saying so."""
    ends = {
        "tr": {"tr", "td", "th"},
        "td": {"td", "th"},
        "th": {"td", "th"},
        "dt": {"dt", "dd"},
        "dd": {"dt", "dd"},
        "li": {"li"},
    }[name]
    while stack[-1].name in ends:
        stack.pop()


def _tokens(lines: Sequence[Line]) -> Iterator[tuple[re.Match[str] | str, int, int]]:
    count = 0
    for line in lines:
        at = 0
        for match in _TAG.finditer(line.text):
            if line.text[at : match.start()].strip():
                yield _stripped(line, at, match.start())
            if match["data"] is not None:
                yield _stripped(line, *match.span("data"))
            else:
                yield match, line.number, match.start() + 1
            at = match.end()
            count += 1
            if count > _MAX_TAGS:
                return
        if line.text[at:].strip():
            yield _stripped(line, at, len(line.text))


def _stripped(line: Line, start: int, end: int) -> tuple[str, int, int]:
    raw = line.text[start:end]
    return raw.strip(), line.number, start + len(raw) - len(raw.lstrip()) + 1


def _walk(root: _Node) -> Iterator[_Node]:
    waiting = [root]
    while waiting:
        node = waiting.pop()
        yield node
        waiting += reversed(node.children)


# --- XML and property lists ------------------------------------------------------------------------------------


def _tree(root: _Node) -> Group:
    top = Group()
    waiting = [(root, top)]
    while waiting:
        node, group = waiting.pop()
        pending: _Text | None = None
        for child in node.children:
            said = child.said()
            if child.name == "key" and said:
                pending = said
                continue
            label = pending.text if pending else child.label
            if said and not child.children and child.attributes.keys() == {"unit"}:
                # ``<size unit="GB">1000</size>``
                group.entries.append(
                    Entry(f"{label} ({child.attributes['unit'].text})", said.text, said.line, said.column)
                )
                continue
            if child.children or (child.attributes and not _is_pair(child)):
                inner = Group(Heading(label, child.line, child.column))
                inner.entries = [
                    Entry(name, text.text, text.line, text.column)
                    for name, text in child.attributes.items()
                    # A document's own element says which version of a format it is in, not of a thing.
                    if node is not root or name.partition(":")[0].casefold() not in ("version", "encoding", "xmlns")
                ]
                if said and not child.children and is_known(label) and words_of(label) not in SUBJECTS:
                    # ``<state code="1">active</state>``
                    group.entries.append(Entry(label, said.text, said.line, said.column))
                elif said and not child.children:
                    own = "text" if _SENTENCE.fullmatch(said.text) else "value"
                    inner.entries.append(Entry(own, said.text, said.line, said.column))
                group.children.append(inner)
                waiting.append((child, inner))
            elif _is_pair(child):
                name = next(text for key, text in child.attributes.items() if key.casefold() in _LABEL_NAMES)
                value = said or child.attributes.get("value")
                if value:
                    group.entries.append(Entry(name.text, value.text, value.line, value.column))
            elif said:
                group.entries.append(Entry(label, said.text, said.line, said.column))
            elif child.name in ("true", "false"):
                group.entries.append(Entry(label, child.name, child.line, child.column))
            pending = None
    return top


def _is_pair(node: _Node) -> bool:
    """``<property name="Size">8 GB</property>``: the attribute is the label."""
    names = [name for name in node.attributes if name.casefold() in _LABEL_NAMES]
    others = {name.casefold() for name in node.attributes} - set(_LABEL_NAMES) - {"value", "type"}
    return bool(names) and not others and not node.children and (node.said() is not None or "value" in node.attributes)


# --- HTML -------------------------------------------------------------------------------------------------------


def _page(root: _Node) -> Iterator[Group]:
    heading: Heading | None = None
    waiting = [root]
    while waiting:
        node = waiting.pop()
        if node.name in _HIDDEN:
            continue
        said = node.said()
        if node.name in _HEADINGS and said:
            heading = Heading(said.text, said.line, said.column)
        elif node.name == "table":
            caption = next((c.said() for c in node.children if c.name == "caption"), None)
            own = Heading(caption.text, caption.line, caption.column) if caption else heading
            yield Group(own, children=[_table(node)])
        elif node.name == "dl":
            yield Group(heading, children=[_definitions(node)])
        elif node.name in ("ul", "ol"):
            yield Group(heading, children=[_listed(node)])
        elif node.name == "p" and said:
            yield Group(heading, entries=[Entry("", said.text, said.line, said.column)])
        else:
            waiting += reversed(node.children)


def _table(table: _Node) -> Group:
    rows = [[cell for cell in row.children if cell.name in ("td", "th")] for row in _walk(table) if row.name == "tr"]
    rows = [row for row in rows if row]
    if not rows:
        return Group()
    if all(len(row) == 2 for row in rows) and not all(cell.name == "th" for cell in rows[0]):
        return Group(entries=[_entry(label, value) for label, value in rows if label.said() and value.said()])
    labels = [(cell.said() or _Text("", 0, 0)).text for cell in rows[0]]
    children = [
        Group(
            entries=[
                Entry(label, said.text, said.line, said.column)
                for label, cell in zip(labels, row, strict=False)
                if label and (said := cell.said())
            ]
        )
        for row in rows[1:]
    ]
    return Group(children=[child for child in children if child.entries], table=True, frame=(rows[0][0].line,))


def _entry(label: _Node, value: _Node) -> Entry:
    name, said = label.said() or _Text("", 0, 0), value.said() or _Text("", 0, 0)
    return Entry(name.text.rstrip(":"), said.text, said.line, said.column)


def _listed(node: _Node) -> Group:
    """The points of a list that are pairs."""
    group = Group()
    for child in _walk(node):
        said = child.said() if child.name == "li" else None
        pair = _POINT.match(said.text) if said else None
        if said and pair:
            column = said.column + pair.start("value")
            group.entries.append(Entry(pair["label"].strip(), pair["value"].strip(), said.line, column))
    return group


_POINT = re.compile(r"(?P<label>[^:]{1,60}?)\s*:\s+(?P<value>\S.*)")


def _definitions(node: _Node) -> Group:
    group = Group()
    label: _Node | None = None
    for child in _walk(node):
        if child.name == "dt":
            label = child
        elif child.name == "dd" and label is not None and label.said() and child.said():
            group.entries.append(_entry(label, child))
    return group
