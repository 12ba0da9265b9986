"""What the API takes and gives about collecting."""

from __future__ import annotations

from typing import Literal

from pydantic import BaseModel, Field

from yes_tally.records.asking import Extent
from yes_tally.server.schemas import AssetRef, Id

Rights = Literal["anyone", "administrator"]


class SheetCommand(BaseModel):
    """A command of an ask sheet as the team writes it."""

    typed: str = Field(max_length=2000)
    purpose: str = Field("", max_length=500)
    rights: Rights = "anyone"
    seconds: float = Field(1.0, ge=0, le=3600)


class MetCommand(SheetCommand):
    """The same, with what came back of it so far; ``took`` is the median in seconds."""

    facts: list[str]
    pcs: int
    took: float | None
    asked: int
    failed: int


class Sheet(BaseModel):
    name: str
    system: str
    commands: list[MetCommand]


class SaveSheet(BaseModel):
    system: str = Field("", max_length=200)
    commands: list[SheetCommand] = Field(max_length=300)


class Pasted(BaseModel):
    text: str = Field(max_length=4_000_000)


class Reachable(BaseModel):
    """An asset, where it answers, and when it was last visited."""

    asset: AssetRef
    address: str
    port: int
    sheet: str
    visited_at: str | None


class Reach(BaseModel):
    address: str = Field(max_length=255)
    port: int = Field(22, ge=1, le=65535)
    sheet: str = Field("", max_length=200)


class Choice(BaseModel):
    """Which PCs to ask, and what."""

    assets: list[Id] = Field(min_length=1, max_length=5000)
    extent: Extent = "sheet"
    side_by_side: int = Field(4, ge=1, le=10)


class Unanswered(BaseModel):
    """An expectation that no known command answers, with the facts that nothing tells."""

    says: str
    facts: list[str]
    pcs: int


class PlannedCommand(BaseModel):
    typed: str
    seconds: float
    pcs: int


class Plan(BaseModel):
    """What a run would ask: the commands with how many PCs they are for, when a PC would be done, and what stays open."""

    pcs: int
    commands: list[PlannedCommand]
    finish: float
    unanswered: list[Unanswered]


class Login(BaseModel):
    """Who asks: credentials typed for this run, or saved ones. They are never sent back."""

    user: str = Field("", max_length=200)
    password: str = Field("", max_length=2000, repr=False)
    key: str = Field("", max_length=20_000, repr=False)
    passphrase: str = Field("", max_length=2000, repr=False)
    saved: Id | None = None
    save_as: str = Field("", max_length=100)


class RunLimits(BaseModel):
    command_seconds: float = Field(60.0, ge=0.1, le=3600)
    pc_seconds: float = Field(300.0, ge=0.1, le=36_000)
    output_bytes: int = Field(4 * 2**20, ge=1024, le=16 * 2**20)
    side_by_side: int = Field(4, ge=1, le=10)
    pcs_at_once: int = Field(40, ge=1, le=200)


class StartRun(BaseModel):
    name: str = Field("", max_length=200)
    choice: Choice
    login: Login
    limits: RunLimits = RunLimits()


class GoOn(BaseModel):
    """Go on with a run, or with some of its PCs; without a login the one entered before is used, while it is kept."""

    pcs: list[Id] | None = None
    login: Login | None = None


class RunCommand(BaseModel):
    """``seconds`` is what it was expected to take, ``took`` what it took."""

    id: int
    typed: str
    state: Literal["waiting", "asking", "answered", "failed"]
    failure: str
    why: str
    seconds: float
    took: float | None
    report: str | None


class RunPc(BaseModel):
    id: int
    asset: AssetRef
    state: Literal["waiting", "asking", "ended", "not-reached", "stopped"]
    kind: str
    why: str
    address: str
    port: int
    visit: int | None
    commands: list[RunCommand]


class RunRef(BaseModel):
    id: int
    name: str
    by: str
    started_at: str
    ended_at: str | None
    going: bool


class RunDetail(RunRef):
    remembers_login: bool
    pcs: list[RunPc]


class Saved(BaseModel):
    """Saved credentials: their name and user, never the secret."""

    id: int
    name: str
    user: str
    by: str


class ForgetKey(BaseModel):
    address: str = Field(max_length=255)
    port: int = Field(ge=1, le=65535)


class OpenAddress(BaseModel):
    visit: Id | None = None


class HandInAddress(BaseModel):
    """A short address that any shell can post to until it ends."""

    path: str
    expires_at: str
