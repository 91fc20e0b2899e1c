"""The views: one for each stage of a job, and the shop."""
