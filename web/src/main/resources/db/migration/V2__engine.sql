-- What the engine needs to know of a motor beside its plate's figures.

alter table motor
  add column family enum('SPLIT_PHASE', 'CAPACITOR_START', 'CAPACITOR_START_CAPACITOR_RUN', 'PERMANENT_SPLIT_CAPACITOR') null,
  add column code_letter char(1) null check (code_letter regexp '^[A-HJ-NPR-V]$'),
  add column start_microfarads decimal(7, 2) null check (start_microfarads > 0),
  add column run_microfarads decimal(7, 2) null check (run_microfarads > 0);
