"""The tables as objects; their columns are those of ``migrations``."""

from __future__ import annotations

from peewee import (
    AutoField,
    BlobField,
    BooleanField,
    CompositeKey,
    FloatField,
    ForeignKeyField,
    IntegerField,
    Model,
    TextField,
)

from yes_tally.records.store import database


class _Table(Model):
    class Meta:
        database = database
        legacy_table_names = False


class Person(_Table):
    sign_in = TextField()
    name = TextField()
    role = TextField()
    password_hash = TextField()
    created_at = TextField()


class Session(_Table):
    token_hash = TextField(primary_key=True)
    person = ForeignKeyField(Person)
    created_at = TextField()
    expires_at = TextField()


class Token(_Table):
    name = TextField()
    token_hash = TextField()
    person = ForeignKeyField(Person)
    created_at = TextField()
    last_used_at = TextField(null=True)
    revoked_at = TextField(null=True)


class Asset(_Table):
    tag = TextField()
    host = TextField(default="")
    serial = TextField(default="")
    uuid = TextField(default="")
    board = TextField(default="")
    macs = TextField(default="[]")
    role = TextField(default="")
    site = TextField(default="")
    room = TextField(default="")
    desk = TextField(default="")
    form = TextField(default="")
    created_at = TextField()
    address = TextField(default="")
    port = IntegerField(default=22)
    sheet = TextField(default="")


class SpecText(_Table):
    name = TextField()

    class Meta:
        table_name = "spec"


class SpecRevision(_Table):
    spec = ForeignKeyField(SpecText, backref="revisions")
    number = IntegerField()
    text = TextField()
    note = TextField()
    author = ForeignKeyField(Person)
    published_at = TextField()


class Report(_Table):
    sha256 = TextField(primary_key=True)
    size = IntegerField()
    compressed = BlobField()
    first_at = TextField()


class Visit(_Table):
    asset = ForeignKeyField(Asset, null=True)
    state = TextField(default="open")
    version = IntegerField(default=1)
    taken_at = TextField()
    opened_by = ForeignKeyField(Person)
    entered_by = ForeignKeyField(Person, null=True)
    note = TextField(default="")


class VisitReport(_Table):
    visit = ForeignKeyField(Visit, backref="reports")
    report = ForeignKeyField(Report)
    file = TextField()
    way = TextField()
    by = ForeignKeyField(Person)
    at = TextField()
    command = TextField(default="")
    exit_code = IntegerField(null=True)
    took_ms = IntegerField(null=True)
    errors_from = IntegerField(null=True)
    failure = TextField(default="")


class Record(_Table):
    number = AutoField()
    visit = ForeignKeyField(Visit)
    asset = ForeignKeyField(Asset)
    body = BlobField()
    sha256 = TextField()
    sealed_at = TextField()
    sealed_by = ForeignKeyField(Person)


class VisitFact(_Table):
    visit = ForeignKeyField(Visit)
    name = TextField()
    item = TextField(null=True)
    shown = TextField()
    low = FloatField(null=True)
    high = FloatField(null=True)
    disputed = BooleanField()
    told = TextField(default="")


class VisitAnswer(_Table):
    visit = ForeignKeyField(Visit)
    revision = ForeignKeyField(SpecRevision)
    line = IntegerField()
    expectation = TextField()
    strength = TextField()
    verdict = TextField()
    found = TextField()
    margin = TextField()
    why = TextField()


class AskSheet(_Table):
    name = TextField()
    system = TextField(default="")


class AskCommand(_Table):
    sheet = ForeignKeyField(AskSheet, backref="commands")
    position = IntegerField()
    typed = TextField()
    purpose = TextField(default="")
    rights = TextField(default="anyone")
    seconds = FloatField(default=1.0)


class CommandTold(_Table):
    typed = TextField()
    fact = TextField()
    asset = ForeignKeyField(Asset)
    at = TextField()

    class Meta:
        primary_key = CompositeKey("typed", "fact", "asset")


class CommandOutcome(_Table):
    typed = TextField()
    asset = ForeignKeyField(Asset)
    at = TextField()
    took_ms = IntegerField(null=True)
    failure = TextField(default="")


class PartEntry(_Table):
    kind = TextField()
    key = TextField()
    number = TextField()
    printed = TextField()
    written_by = ForeignKeyField(Person)
    written_at = TextField()
    ended_at = TextField(null=True)
    ended_by = ForeignKeyField(Person, null=True)

    class Meta:
        table_name = "part"


class RulingMade(_Table):
    visit = ForeignKeyField(Visit)
    fact = TextField()
    item = TextField(null=True)
    shown = TextField()
    believed = TextField()
    heard = TextField()
    why = TextField()
    ruled_by = ForeignKeyField(Person)
    ruled_at = TextField()
    ended_at = TextField(null=True)
    ended_by = ForeignKeyField(Person, null=True)

    class Meta:
        table_name = "ruling"


class AssetTrace(_Table):
    kind = TextField()
    trace = TextField()
    asset = ForeignKeyField(Asset)
    shown = TextField()
    at = TextField()
    still = BooleanField()

    class Meta:
        primary_key = CompositeKey("kind", "trace", "asset")


class VisitFinding(_Table):
    visit = ForeignKeyField(Visit)
    cross_check = TextField()
    weight = TextField()
    says = TextField()


class HostKey(_Table):
    address = TextField()
    port = IntegerField()
    shown = TextField()
    first_at = TextField()

    class Meta:
        primary_key = CompositeKey("address", "port")


class HandInAddress(_Table):
    code_hash = TextField()
    visit = ForeignKeyField(Visit, null=True)
    person = ForeignKeyField(Person)
    created_at = TextField()
    expires_at = TextField()


class Credential(_Table):
    name = TextField()
    user = TextField()
    sealed = BlobField()
    person = ForeignKeyField(Person)
    created_at = TextField()


class Run(_Table):
    name = TextField()
    person = ForeignKeyField(Person)
    limits = TextField()
    started_at = TextField()
    ended_at = TextField(null=True)


class RunPc(_Table):
    run = ForeignKeyField(Run, backref="pcs")
    asset = ForeignKeyField(Asset)
    visit = ForeignKeyField(Visit, null=True)
    state = TextField(default="waiting")
    why = TextField(default="")
    kind = TextField(default="")
    understood = BooleanField(default=True)


class RunCommand(_Table):
    pc = ForeignKeyField(RunPc, backref="commands")
    typed = TextField()
    seconds = FloatField()
    state = TextField(default="waiting")
    failure = TextField(default="")
    why = TextField(default="")
    took_ms = IntegerField(null=True)
    report = ForeignKeyField(Report, null=True)


class Phrase(_Table):
    label = TextField()
    fact = TextField(null=True)
    heading = TextField(default="")
    after = TextField(null=True)
    printed = TextField(default="")
    report = ForeignKeyField(Report, null=True)
    line = IntegerField(default=0)
    taught_by = ForeignKeyField(Person)
    taught_at = TextField()
    off_by = ForeignKeyField(Person, null=True)
    off_at = TextField(null=True)


class ReportReading(_Table):
    report = ForeignKeyField(Report)
    command = TextField(default="")
    reader = IntegerField()
    book = TextField()
    readings = IntegerField()
    words = TextField()

    class Meta:
        primary_key = CompositeKey("report", "command")


class UnknownLabel(_Table):
    report = ForeignKeyField(Report)
    command = TextField(default="")
    label = TextField()
    heading = TextField(default="")
    printed = TextField()
    line = IntegerField()

    class Meta:
        primary_key = False


class VisitReadAgain(_Table):
    visit = ForeignKeyField(Visit, primary_key=True)
    at = TextField()
    differs = IntegerField()


class Waiver(_Table):
    asset = ForeignKeyField(Asset)
    says = TextField()
    why = TextField()
    agreed_by = ForeignKeyField(Person)
    agreed_at = TextField()
    until = TextField()
    ended_by = ForeignKeyField(Person, null=True)
    ended_at = TextField(null=True)
