"""Planning: what to ask."""
