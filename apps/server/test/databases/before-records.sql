SET statement_timeout = 0;
SET lock_timeout = 0;
SET idle_in_transaction_session_timeout = 0;
SET client_encoding = 'UTF8';
SET standard_conforming_strings = on;
SELECT pg_catalog.set_config('search_path', '', false);
SET check_function_bodies = false;
SET xmloption = content;
SET client_min_messages = warning;
SET row_security = off;
SET default_tablespace = '';
SET default_table_access_method = heap;
CREATE TABLE public.anchor (
    id uuid NOT NULL,
    studio_id uuid NOT NULL,
    place_id uuid NOT NULL,
    name text NOT NULL,
    kind text NOT NULL,
    lowest_m double precision NOT NULL,
    highest_m double precision NOT NULL,
    girth_m double precision,
    rated_load_n double precision,
    door jsonb,
    removed boolean DEFAULT false NOT NULL,
    room_m double precision,
    CONSTRAINT anchor_check CHECK ((highest_m >= lowest_m)),
    CONSTRAINT anchor_girth_m_check CHECK ((girth_m > (0)::double precision)),
    CONSTRAINT anchor_rated_load_n_check CHECK ((rated_load_n > (0)::double precision)),
    CONSTRAINT anchor_room_m_check CHECK ((room_m > (0)::double precision))
);
CREATE TABLE public.band (
    id uuid NOT NULL,
    studio_id uuid NOT NULL,
    version integer NOT NULL,
    name text NOT NULL,
    kind text NOT NULL,
    flat_length_m double precision NOT NULL,
    width_mm double precision NOT NULL,
    colour text NOT NULL,
    tag integer,
    label jsonb,
    stretch_limit double precision NOT NULL,
    note text NOT NULL,
    removed boolean NOT NULL,
    stock text DEFAULT 'band'::text NOT NULL,
    cut_from uuid,
    thickness_mm double precision,
    material text DEFAULT 'latexLayered'::text NOT NULL,
    points double precision,
    fittings jsonb,
    law_from uuid,
    CONSTRAINT band_flat_length_m_check CHECK ((flat_length_m > (0)::double precision)),
    CONSTRAINT band_kind_check CHECK ((kind = ANY (ARRAY['loop'::text, 'miniLoop'::text, 'tube'::text, 'strip'::text, 'tubing'::text]))),
    CONSTRAINT band_material_check CHECK ((material = ANY (ARRAY['latexLayered'::text, 'latexMoulded'::text, 'synthetic'::text, 'fabric'::text]))),
    CONSTRAINT band_points_check CHECK ((points > (0)::double precision)),
    CONSTRAINT band_stock_check CHECK ((stock = ANY (ARRAY['band'::text, 'roll'::text]))),
    CONSTRAINT band_stretch_limit_check CHECK (((stretch_limit > (1)::double precision) AND (stretch_limit <= (3)::double precision))),
    CONSTRAINT band_tag_check CHECK (((tag >= 1) AND (tag <= 9))),
    CONSTRAINT band_thickness_mm_check CHECK ((thickness_mm > (0)::double precision)),
    CONSTRAINT band_width_mm_check CHECK ((width_mm > (0)::double precision))
);
CREATE TABLE public.band_copy (
    id uuid NOT NULL,
    studio_id uuid NOT NULL,
    band_id uuid NOT NULL,
    mark text NOT NULL,
    bought_on date,
    added_at timestamp with time zone NOT NULL,
    state text NOT NULL,
    state_reason text NOT NULL,
    holder jsonb NOT NULL,
    CONSTRAINT band_copy_state_check CHECK ((state = ANY (ARRAY['inUse'::text, 'watch'::text, 'retired'::text])))
);
CREATE TABLE public.band_event (
    id uuid NOT NULL,
    studio_id uuid NOT NULL,
    band_id uuid NOT NULL,
    copy_id uuid NOT NULL,
    happened_at timestamp with time zone NOT NULL,
    noted_by uuid NOT NULL,
    what jsonb NOT NULL
);
CREATE TABLE public.band_measurement (
    id uuid NOT NULL,
    studio_id uuid NOT NULL,
    band_id uuid NOT NULL,
    copy_id uuid NOT NULL,
    rigging text NOT NULL,
    gauge jsonb NOT NULL,
    warm_ups integer NOT NULL,
    started_at timestamp with time zone NOT NULL,
    finished_at timestamp with time zone,
    taken_by uuid NOT NULL,
    note text NOT NULL,
    CONSTRAINT band_measurement_rigging_check CHECK ((rigging = ANY (ARRAY['end'::text, 'folded'::text, 'standing'::text]))),
    CONSTRAINT band_measurement_warm_ups_check CHECK ((warm_ups >= 0))
);
CREATE TABLE public.band_reading (
    id uuid NOT NULL,
    studio_id uuid NOT NULL,
    band_id uuid NOT NULL,
    length_m double precision NOT NULL,
    force_n double precision NOT NULL,
    rest_m double precision,
    strands integer,
    direction text NOT NULL,
    taken_at timestamp with time zone NOT NULL,
    taken_by uuid NOT NULL,
    reading_id uuid NOT NULL,
    sequence integer NOT NULL,
    set_aside boolean NOT NULL,
    measurement_id uuid NOT NULL,
    dead_m double precision DEFAULT 0 NOT NULL,
    weighing jsonb,
    set_aside_reason text DEFAULT ''::text NOT NULL,
    CONSTRAINT band_reading_dead_m_check CHECK ((dead_m >= (0)::double precision)),
    CONSTRAINT band_reading_direction_check CHECK ((direction = ANY (ARRAY['loading'::text, 'unloading'::text]))),
    CONSTRAINT band_reading_force_n_check CHECK ((force_n >= (0)::double precision)),
    CONSTRAINT band_reading_length_m_check CHECK ((length_m > (0)::double precision))
);
CREATE TABLE public.decision (
    id uuid NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    person_id uuid NOT NULL,
    exercise_id text NOT NULL,
    status text NOT NULL,
    ladder jsonb NOT NULL,
    review jsonb NOT NULL,
    decision jsonb NOT NULL,
    outcome jsonb,
    CONSTRAINT decision_status_check CHECK ((status = ANY (ARRAY['waiting'::text, 'accepted'::text, 'overruled'::text])))
);
CREATE TABLE public.ladder (
    id uuid NOT NULL,
    studio_id uuid NOT NULL,
    version integer NOT NULL,
    person_id uuid NOT NULL,
    exercise_id text NOT NULL,
    place_id uuid NOT NULL,
    removed boolean NOT NULL
);
CREATE TABLE public.ladder_version (
    ladder_id uuid NOT NULL,
    version integer NOT NULL,
    studio_id uuid NOT NULL,
    content jsonb NOT NULL,
    saved_at timestamp with time zone NOT NULL,
    saved_by uuid NOT NULL
);
CREATE TABLE public.migrations (
    id integer NOT NULL,
    "timestamp" bigint NOT NULL,
    name character varying NOT NULL
);
CREATE SEQUENCE public.migrations_id_seq
    AS integer
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.migrations_id_seq OWNED BY public.migrations.id;
CREATE TABLE public.own_exercise (
    id uuid NOT NULL,
    studio_id uuid NOT NULL,
    version integer NOT NULL,
    exercise_id text NOT NULL,
    document jsonb NOT NULL,
    removed boolean NOT NULL,
    saved_at timestamp with time zone NOT NULL,
    saved_by uuid NOT NULL
);
CREATE TABLE public.person (
    id uuid NOT NULL,
    studio_id uuid NOT NULL,
    version integer NOT NULL,
    name text NOT NULL,
    about text NOT NULL,
    stature_m double precision NOT NULL,
    mass_kg double precision NOT NULL,
    goal text NOT NULL,
    pain_limit double precision NOT NULL,
    clearance jsonb,
    latex_allergy boolean DEFAULT false NOT NULL,
    born_on date,
    conditions jsonb DEFAULT '[]'::jsonb NOT NULL,
    mount_limit_n double precision DEFAULT 250 NOT NULL,
    ranges jsonb DEFAULT '[]'::jsonb NOT NULL,
    CONSTRAINT person_mass_kg_check CHECK ((mass_kg > (0)::double precision)),
    CONSTRAINT person_mount_limit_n_check CHECK ((mount_limit_n > (0)::double precision)),
    CONSTRAINT person_stature_m_check CHECK ((stature_m > (0)::double precision))
);
CREATE TABLE public.person_trainer (
    person_id uuid NOT NULL,
    trainer_id uuid NOT NULL,
    studio_id uuid NOT NULL
);
CREATE TABLE public.place (
    id uuid NOT NULL,
    studio_id uuid NOT NULL,
    name text NOT NULL,
    about text NOT NULL,
    version integer DEFAULT 1 NOT NULL
);
CREATE TABLE public.prescription (
    id uuid NOT NULL,
    studio_id uuid NOT NULL,
    person_id uuid NOT NULL,
    exercise_id text NOT NULL,
    school text NOT NULL,
    sets integer NOT NULL,
    rest_s double precision NOT NULL,
    target jsonb NOT NULL,
    from_decision_id uuid,
    created_at timestamp with time zone NOT NULL,
    created_by uuid NOT NULL,
    work jsonb NOT NULL,
    drop_set jsonb,
    setup_ids jsonb NOT NULL,
    track text DEFAULT 'main'::text NOT NULL,
    CONSTRAINT prescription_sets_check CHECK ((sets > 0))
);
CREATE TABLE public.setup (
    id uuid NOT NULL,
    studio_id uuid NOT NULL,
    version integer NOT NULL,
    person_id uuid NOT NULL,
    exercise_id text NOT NULL,
    removed boolean NOT NULL
);
CREATE TABLE public.setup_version (
    setup_id uuid NOT NULL,
    version integer NOT NULL,
    studio_id uuid NOT NULL,
    place_id uuid NOT NULL,
    anchor_id uuid,
    title text NOT NULL,
    route_id text NOT NULL,
    document jsonb NOT NULL,
    figures jsonb NOT NULL,
    cautions jsonb NOT NULL,
    ready boolean NOT NULL,
    saved_at timestamp with time zone NOT NULL,
    saved_by uuid NOT NULL,
    earlier_figures jsonb
);
CREATE TABLE public.sign_in (
    token_hash text NOT NULL,
    studio_id uuid NOT NULL,
    trainer_id uuid NOT NULL,
    expires_at timestamp with time zone NOT NULL
);
CREATE TABLE public.sign_in_failure (
    id uuid NOT NULL,
    email text NOT NULL,
    address text NOT NULL,
    failed_at timestamp with time zone NOT NULL
);
CREATE TABLE public.skill_test (
    id uuid NOT NULL,
    studio_id uuid NOT NULL,
    person_id uuid NOT NULL,
    exercise_id text NOT NULL,
    phases jsonb,
    day date NOT NULL,
    effort jsonb,
    helped_by text,
    load double precision NOT NULL,
    help double precision NOT NULL,
    entered_at timestamp with time zone NOT NULL,
    entered_by uuid NOT NULL
);
CREATE TABLE public.studio (
    id uuid NOT NULL,
    name text NOT NULL,
    zone text NOT NULL,
    force_unit text NOT NULL,
    inspection_days integer DEFAULT 30 NOT NULL,
    inspection_cycles integer DEFAULT 1500 NOT NULL,
    version integer DEFAULT 1 NOT NULL,
    eyes_rule boolean DEFAULT false NOT NULL,
    CONSTRAINT studio_force_unit_check CHECK ((force_unit = ANY (ARRAY['N'::text, 'kgf'::text, 'lbf'::text]))),
    CONSTRAINT studio_inspection_cycles_check CHECK ((inspection_cycles > 0)),
    CONSTRAINT studio_inspection_days_check CHECK ((inspection_days > 0))
);
CREATE TABLE public.trainer (
    id uuid NOT NULL,
    studio_id uuid NOT NULL,
    email text NOT NULL,
    name text NOT NULL,
    password_hash text NOT NULL,
    finder_preferences jsonb
);
CREATE TABLE public.training_session (
    id uuid NOT NULL,
    studio_id uuid NOT NULL,
    version integer NOT NULL,
    person_id uuid NOT NULL,
    prescription_id uuid NOT NULL,
    exercise_id text NOT NULL,
    started_at timestamp with time zone NOT NULL,
    day text NOT NULL,
    finished_at timestamp with time zone,
    red_flag boolean NOT NULL,
    discarded_at timestamp with time zone,
    setups jsonb NOT NULL
);
CREATE TABLE public.training_set (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
)
PARTITION BY RANGE (performed_at);
CREATE TABLE public.training_set_2026_01 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2026_02 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2026_03 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2026_04 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2026_05 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2026_06 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2026_07 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2026_08 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2026_09 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2026_10 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2026_11 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2026_12 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2027_01 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2027_02 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2027_03 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2027_04 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2027_05 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2027_06 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2027_07 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2027_08 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2027_09 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2027_10 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2027_11 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2027_12 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2028_01 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2028_02 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2028_03 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2028_04 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2028_05 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2028_06 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2028_07 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2028_08 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2028_09 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2028_10 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2028_11 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2028_12 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2029_01 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2029_02 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2029_03 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2029_04 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2029_05 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2029_06 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2029_07 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2029_08 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2029_09 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2029_10 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2029_11 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2029_12 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2030_01 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2030_02 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2030_03 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2030_04 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2030_05 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2030_06 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2030_07 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2030_08 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2030_09 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2030_10 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2030_11 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_2030_12 (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
CREATE TABLE public.training_set_default (
    id uuid NOT NULL,
    performed_at timestamp with time zone NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence integer NOT NULL,
    reps integer NOT NULL,
    partial_reps integer NOT NULL,
    spare integer,
    form text NOT NULL,
    pain integer NOT NULL,
    set_aside boolean NOT NULL,
    hold_s double precision,
    setup_id uuid NOT NULL,
    lowering_s double precision,
    CONSTRAINT training_set_form_check CHECK ((form = ANY (ARRAY['clean'::text, 'breaking'::text]))),
    CONSTRAINT training_set_pain_check CHECK (((pain >= 0) AND (pain <= 10))),
    CONSTRAINT training_set_partial_reps_check CHECK ((partial_reps >= 0)),
    CONSTRAINT training_set_reps_check CHECK ((reps >= 0))
);
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2026_01 FOR VALUES FROM ('2026-01-01 00:00:00+00') TO ('2026-02-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2026_02 FOR VALUES FROM ('2026-02-01 00:00:00+00') TO ('2026-03-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2026_03 FOR VALUES FROM ('2026-03-01 00:00:00+00') TO ('2026-04-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2026_04 FOR VALUES FROM ('2026-04-01 00:00:00+00') TO ('2026-05-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2026_05 FOR VALUES FROM ('2026-05-01 00:00:00+00') TO ('2026-06-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2026_06 FOR VALUES FROM ('2026-06-01 00:00:00+00') TO ('2026-07-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2026_07 FOR VALUES FROM ('2026-07-01 00:00:00+00') TO ('2026-08-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2026_08 FOR VALUES FROM ('2026-08-01 00:00:00+00') TO ('2026-09-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2026_09 FOR VALUES FROM ('2026-09-01 00:00:00+00') TO ('2026-10-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2026_10 FOR VALUES FROM ('2026-10-01 00:00:00+00') TO ('2026-11-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2026_11 FOR VALUES FROM ('2026-11-01 00:00:00+00') TO ('2026-12-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2026_12 FOR VALUES FROM ('2026-12-01 00:00:00+00') TO ('2027-01-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2027_01 FOR VALUES FROM ('2027-01-01 00:00:00+00') TO ('2027-02-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2027_02 FOR VALUES FROM ('2027-02-01 00:00:00+00') TO ('2027-03-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2027_03 FOR VALUES FROM ('2027-03-01 00:00:00+00') TO ('2027-04-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2027_04 FOR VALUES FROM ('2027-04-01 00:00:00+00') TO ('2027-05-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2027_05 FOR VALUES FROM ('2027-05-01 00:00:00+00') TO ('2027-06-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2027_06 FOR VALUES FROM ('2027-06-01 00:00:00+00') TO ('2027-07-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2027_07 FOR VALUES FROM ('2027-07-01 00:00:00+00') TO ('2027-08-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2027_08 FOR VALUES FROM ('2027-08-01 00:00:00+00') TO ('2027-09-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2027_09 FOR VALUES FROM ('2027-09-01 00:00:00+00') TO ('2027-10-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2027_10 FOR VALUES FROM ('2027-10-01 00:00:00+00') TO ('2027-11-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2027_11 FOR VALUES FROM ('2027-11-01 00:00:00+00') TO ('2027-12-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2027_12 FOR VALUES FROM ('2027-12-01 00:00:00+00') TO ('2028-01-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2028_01 FOR VALUES FROM ('2028-01-01 00:00:00+00') TO ('2028-02-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2028_02 FOR VALUES FROM ('2028-02-01 00:00:00+00') TO ('2028-03-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2028_03 FOR VALUES FROM ('2028-03-01 00:00:00+00') TO ('2028-04-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2028_04 FOR VALUES FROM ('2028-04-01 00:00:00+00') TO ('2028-05-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2028_05 FOR VALUES FROM ('2028-05-01 00:00:00+00') TO ('2028-06-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2028_06 FOR VALUES FROM ('2028-06-01 00:00:00+00') TO ('2028-07-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2028_07 FOR VALUES FROM ('2028-07-01 00:00:00+00') TO ('2028-08-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2028_08 FOR VALUES FROM ('2028-08-01 00:00:00+00') TO ('2028-09-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2028_09 FOR VALUES FROM ('2028-09-01 00:00:00+00') TO ('2028-10-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2028_10 FOR VALUES FROM ('2028-10-01 00:00:00+00') TO ('2028-11-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2028_11 FOR VALUES FROM ('2028-11-01 00:00:00+00') TO ('2028-12-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2028_12 FOR VALUES FROM ('2028-12-01 00:00:00+00') TO ('2029-01-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2029_01 FOR VALUES FROM ('2029-01-01 00:00:00+00') TO ('2029-02-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2029_02 FOR VALUES FROM ('2029-02-01 00:00:00+00') TO ('2029-03-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2029_03 FOR VALUES FROM ('2029-03-01 00:00:00+00') TO ('2029-04-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2029_04 FOR VALUES FROM ('2029-04-01 00:00:00+00') TO ('2029-05-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2029_05 FOR VALUES FROM ('2029-05-01 00:00:00+00') TO ('2029-06-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2029_06 FOR VALUES FROM ('2029-06-01 00:00:00+00') TO ('2029-07-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2029_07 FOR VALUES FROM ('2029-07-01 00:00:00+00') TO ('2029-08-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2029_08 FOR VALUES FROM ('2029-08-01 00:00:00+00') TO ('2029-09-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2029_09 FOR VALUES FROM ('2029-09-01 00:00:00+00') TO ('2029-10-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2029_10 FOR VALUES FROM ('2029-10-01 00:00:00+00') TO ('2029-11-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2029_11 FOR VALUES FROM ('2029-11-01 00:00:00+00') TO ('2029-12-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2029_12 FOR VALUES FROM ('2029-12-01 00:00:00+00') TO ('2030-01-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2030_01 FOR VALUES FROM ('2030-01-01 00:00:00+00') TO ('2030-02-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2030_02 FOR VALUES FROM ('2030-02-01 00:00:00+00') TO ('2030-03-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2030_03 FOR VALUES FROM ('2030-03-01 00:00:00+00') TO ('2030-04-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2030_04 FOR VALUES FROM ('2030-04-01 00:00:00+00') TO ('2030-05-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2030_05 FOR VALUES FROM ('2030-05-01 00:00:00+00') TO ('2030-06-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2030_06 FOR VALUES FROM ('2030-06-01 00:00:00+00') TO ('2030-07-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2030_07 FOR VALUES FROM ('2030-07-01 00:00:00+00') TO ('2030-08-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2030_08 FOR VALUES FROM ('2030-08-01 00:00:00+00') TO ('2030-09-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2030_09 FOR VALUES FROM ('2030-09-01 00:00:00+00') TO ('2030-10-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2030_10 FOR VALUES FROM ('2030-10-01 00:00:00+00') TO ('2030-11-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2030_11 FOR VALUES FROM ('2030-11-01 00:00:00+00') TO ('2030-12-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_2030_12 FOR VALUES FROM ('2030-12-01 00:00:00+00') TO ('2031-01-01 00:00:00+00');
ALTER TABLE ONLY public.training_set ATTACH PARTITION public.training_set_default DEFAULT;
ALTER TABLE ONLY public.migrations ALTER COLUMN id SET DEFAULT nextval('public.migrations_id_seq'::regclass);
INSERT INTO public.anchor VALUES
	('01a223d6-cf19-7439-ae01-63f043c1b065', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf14-742c-9be6-f0447797b854', 'Loft post', 'post', 0.05, 2.2, 0.56, 4000, NULL, false, NULL),
	('01a223d6-cf1d-7556-8df3-e1f308b1dd23', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf14-742c-9be6-f0447797b854', 'Wall strap with rings', 'wall', 0.1, 2.1, NULL, 1500, NULL, false, NULL),
	('01a223d6-cf20-7378-9e4a-d45e09ba636b', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf14-742c-9be6-f0447797b854', 'Bar under the beam', 'bar', 2.25, 2.25, 0.1, 3000, NULL, false, NULL),
	('01a223d6-cf22-7588-ba20-eb154963e856', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf14-742c-9be6-f0447797b854', 'Sawhorse bars', 'parallelBars', 1.25, 1.25, 0.13, 2500, NULL, false, NULL),
	('01a223d6-cf26-7158-837c-712ae0cf5a38', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf14-742c-9be6-f0447797b854', 'Rings on the hoist', 'rings', 0.3, 2.3, 0.09, 2500, NULL, false, NULL),
	('01a223d6-cf28-717b-b19c-0e5eb209900e', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf14-742c-9be6-f0447797b854', 'Mika, holding', 'partner', 0.1, 1.5, NULL, NULL, NULL, false, NULL),
	('01a223d6-cf2d-75df-8ecb-ce42ad27067c', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf2a-774e-86c1-b2b10ae20bf8', 'Eye bolt in the bulkhead', 'wall', 0.05, 1.9, NULL, 2000, NULL, false, 2.8),
	('01a223d6-cf2f-7405-a5bf-c6b1e88c5f19', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf2a-774e-86c1-b2b10ae20bf8', 'Cabin door, hinge side', 'door', 0.7, 1.45, NULL, NULL, '{"side": "hinge", "opens": "away", "locked": false, "foamEnd": true}', false, NULL),
	('01a223d6-cf31-727b-ae39-146f8a7d2846', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf2a-774e-86c1-b2b10ae20bf8', 'Cabin door, over the top', 'door', 1.9, 1.9, NULL, NULL, '{"side": "over", "opens": "away", "locked": false, "foamEnd": true}', false, NULL),
	('01a223d6-cf34-779e-81bd-488a8a2e5aa3', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf2a-774e-86c1-b2b10ae20bf8', 'Bunk leg', 'furniture', 0.02, 0.3, 0.24, NULL, NULL, false, NULL),
	('01a223d6-cf39-7048-b112-2fe0173e0808', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf37-776c-bf15-fdeaf62d64ba', 'Hall door, hinge side', 'door', 0.8, 1.4, NULL, NULL, '{"side": "hinge", "opens": "away", "locked": false, "foamEnd": true}', false, NULL),
	('01a223d6-cf3b-70d2-92c3-b59dd9959df2', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf37-776c-bf15-fdeaf62d64ba', 'Hall door, under the leaf', 'door', 0.02, 0.02, NULL, NULL, '{"side": "under", "opens": "away", "locked": false, "foamEnd": true}', false, NULL),
	('01a223d6-cf3e-70c0-8d92-4610ef05cc6e', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf37-776c-bf15-fdeaf62d64ba', 'Newel post of the stairs', 'post', 0.1, 1, 0.36, NULL, NULL, false, NULL),
	('01a223d6-cf40-70a8-9b49-fd1dbef9472f', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf37-776c-bf15-fdeaf62d64ba', 'Banister rail', 'banister', 0.9, 0.9, 0.18, 600, NULL, false, NULL);
INSERT INTO public.band VALUES
	('01a223d6-cf73-72ae-aa03-e45d5cacc104', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, 'Ribbonweed roll', 'strip', 18.5, 150, '#9fb8a3', NULL, NULL, 2.5, 'Bought as 25 m; cut with scissors, corners rounded.', false, 'roll', NULL, NULL, 'latexLayered', NULL, NULL, NULL),
	('01a223d6-d199-719f-88f2-7299e0018be7', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, 'Eel', 'tube', 1.2, 10, '#3f7d8c', 7, '{"max_N": 130, "min_N": 50}', 2.5, 'Handles of foam; the elastic is 1.20 m between the fittings.', false, 'band', NULL, NULL, 'latexMoulded', NULL, '{"mass_kg": 0.18, "deadLength_m": 0.24}', NULL),
	('01a223d6-d36f-71ae-8b14-fb99b7aa7d0e', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, 'Heron', 'loop', 1.04, 22, '#8a5a44', 3, NULL, 2.5, '', false, 'band', NULL, NULL, 'latexLayered', NULL, NULL, NULL),
	('01a223d6-d54e-7290-a9ff-2c29d3daf2ad', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, 'Lock beam', 'loop', 1.04, 64, '#4a4e69', 6, '{"max_N": 600, "min_N": 250}', 2.5, 'Too strong for the luggage scale; label only.', false, 'band', NULL, NULL, 'latexLayered', NULL, NULL, NULL),
	('01a223d6-d630-712b-a40e-59fbae137a5e', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, 'Minnow', 'tube', 1.2, 8, '#b58db6', 8, '{"max_N": 90, "min_N": 30}', 2.5, '', false, 'band', NULL, NULL, 'latexMoulded', NULL, '{"mass_kg": 0.18, "deadLength_m": 0.24}', NULL),
	('01a223d6-d872-75ea-8337-053f7d8396fb', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, 'Old Mooring', 'loop', 1.04, 29, '#6d6875', NULL, '{"max_N": 320, "min_N": 130}', 2.5, 'Worn: pulls about a sixth less than it did in spring, and the edge is dull.', false, 'band', NULL, NULL, 'latexLayered', NULL, NULL, NULL),
	('01a223d6-db1e-710c-8892-f61e9d5eebf0', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, 'Reed', 'loop', 1.04, 13, '#c9a24b', 1, '{"max_N": 150, "min_N": 60}', 2.5, '', false, 'band', NULL, NULL, 'latexLayered', NULL, NULL, NULL),
	('01a223d6-dfb4-7638-bb63-a56e985807df', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, 'Ribbonweed', 'strip', 1.5, 150, '#9fb8a3', NULL, NULL, 2.5, 'Cut from the roll in the studio.', false, 'band', '01a223d6-cf73-72ae-aa03-e45d5cacc104', NULL, 'latexLayered', NULL, NULL, NULL),
	('01a223d6-e048-757f-a6b5-33a692c985de', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, 'Sluice', 'loop', 1.04, 32, '#5b6f5d', 4, '{"max_N": 380, "min_N": 150}', 2.5, 'Measured in the boatyard loft, hung from the crane hook.', false, 'band', NULL, NULL, 'latexLayered', NULL, NULL, NULL),
	('01a223d6-e1c8-77e7-9f7b-e158d410dc72', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, 'Towline', 'loop', 1.03, 45, '#a3596b', 5, '{"max_N": 500, "min_N": 220}', 2.5, 'One pull only: the scale ended at 30 kg.', false, 'band', NULL, NULL, 'latexLayered', NULL, NULL, NULL),
	('01a223d6-e2f9-75ca-889b-fce185fd9284', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, 'Wick', 'miniLoop', 0.3, 50, '#d0775b', 9, NULL, 2.5, '', false, 'band', NULL, NULL, 'fabric', NULL, NULL, NULL),
	('01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, 'Willow', 'loop', 1.04, 19, '#7f8fa6', 2, '{"max_N": 220, "min_N": 90}', 2.5, '', false, 'band', NULL, NULL, 'latexLayered', NULL, NULL, NULL);
INSERT INTO public.band_copy VALUES
	('01a223d6-cf76-70db-99b8-511da3961623', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf73-72ae-aa03-e45d5cacc104', 'a', '2026-08-16', '2026-11-28 20:26:49.75+00', 'inUse', '', '{"at": "bag"}'),
	('01a223d6-d199-719f-88f2-7558240f3172', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d199-719f-88f2-7299e0018be7', 'a', '2026-03-07', '2026-11-28 20:26:49.75+00', 'inUse', '', '{"at": "bag"}'),
	('01a223d6-d36f-71ae-8b14-fc73b81a576c', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d36f-71ae-8b14-fb99b7aa7d0e', 'a', '2026-03-07', '2026-11-28 20:26:49.75+00', 'inUse', '', '{"at": "bag"}'),
	('01a223d6-d54e-7290-a9ff-326a71ad36f5', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d54e-7290-a9ff-2c29d3daf2ad', 'a', '2026-06-20', '2026-11-28 20:26:49.75+00', 'inUse', '', '{"at": "bag"}'),
	('01a223d6-d630-712b-a40e-5fc10eae92b3', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d630-712b-a40e-59fbae137a5e', 'a', '2026-03-07', '2026-11-28 20:26:49.75+00', 'inUse', '', '{"at": "bag"}'),
	('01a223d6-d630-712b-a40e-63fd8a76d4f0', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d630-712b-a40e-59fbae137a5e', 'b', '2026-03-07', '2026-11-28 20:26:49.75+00', 'inUse', '', '{"at": "bag"}'),
	('01a223d6-d872-75ea-8337-0bb63a4fef3a', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d872-75ea-8337-053f7d8396fb', 'a', '2024-04-25', '2026-11-28 20:26:49.75+00', 'watch', 'The edge is dull.', '{"at": "bag"}'),
	('01a223d6-db1e-710c-8892-fb990ffb002f', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-db1e-710c-8892-f61e9d5eebf0', 'a', '2026-03-07', '2026-11-28 20:26:49.75+00', 'inUse', '', '{"at": "bag"}'),
	('01a223d6-db1e-710c-8892-fe3f7971deef', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-db1e-710c-8892-f61e9d5eebf0', 'b', '2026-03-07', '2026-11-28 20:26:49.75+00', 'inUse', '', '{"at": "person", "personId": "01a223d6-cee8-72ca-a759-f6e66c65244e"}'),
	('01a223d6-dfb4-7638-bb63-a97856f1bdcd', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-dfb4-7638-bb63-a56e985807df', 'a', '2026-08-16', '2026-11-28 20:26:49.75+00', 'inUse', '', '{"at": "bag"}'),
	('01a223d6-e048-757f-a6b5-37baac7772f8', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e048-757f-a6b5-33a692c985de', 'a', '2026-03-07', '2026-11-28 20:26:49.75+00', 'inUse', '', '{"at": "bag"}'),
	('01a223d6-e2f9-75ca-889c-011124147fa7', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e2f9-75ca-889b-fce185fd9284', 'a', '2026-08-16', '2026-11-28 20:26:49.75+00', 'inUse', '', '{"at": "bag"}'),
	('01a223d6-e41e-77dd-ab42-9ccc1c1f3686', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf', 'a', '2026-03-07', '2026-11-28 20:26:49.75+00', 'inUse', '', '{"at": "bag"}'),
	('01a223d6-e41e-77dd-ab42-a38379b003a0', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf', 'b', '2026-03-07', '2026-11-28 20:26:49.75+00', 'inUse', '', '{"at": "bag"}'),
	('01a223d6-e1c8-77e7-9f7b-e713aeffa783', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e1c8-77e7-9f7b-e158d410dc72', 'a', '2026-06-20', '2026-11-28 20:26:49.75+00', 'inUse', '', '{"at": "person", "personId": "01a223d6-cee8-72ca-a759-f6e66c65244e"}');
INSERT INTO public.band_event VALUES
	('01a223d6-d35f-701d-9d7a-b8064b1e6f63', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d199-719f-88f2-7299e0018be7', '01a223d6-d199-719f-88f2-7558240f3172', '2026-11-14 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"kind": "inspected", "note": "", "findings": {"smell": "good", "surface": "good", "fittings": "good"}}'),
	('01a223d6-d509-7680-9836-de2224f19102', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d36f-71ae-8b14-fb99b7aa7d0e', '01a223d6-d36f-71ae-8b14-fc73b81a576c', '2026-11-14 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"kind": "inspected", "note": "", "findings": {"edges": "good", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('01a223d6-d574-76c7-be4a-7de7c7684c86', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d54e-7290-a9ff-2c29d3daf2ad', '01a223d6-d54e-7290-a9ff-326a71ad36f5', '2026-11-14 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"kind": "inspected", "note": "", "findings": {"edges": "good", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('01a223d6-d78c-72be-8163-17166ab92c87', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d630-712b-a40e-59fbae137a5e', '01a223d6-d630-712b-a40e-5fc10eae92b3', '2026-11-14 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"kind": "inspected", "note": "", "findings": {"smell": "good", "surface": "good", "fittings": "good"}}'),
	('01a223d6-d7c2-728c-8152-b3444cde620c', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d630-712b-a40e-59fbae137a5e', '01a223d6-d630-712b-a40e-63fd8a76d4f0', '2026-11-14 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"kind": "inspected", "note": "", "findings": {"smell": "good", "surface": "good", "fittings": "good"}}'),
	('01a223d6-da69-7070-92f4-d128f93f7960', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d872-75ea-8337-053f7d8396fb', '01a223d6-d872-75ea-8337-0bb63a4fef3a', '2026-11-14 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"kind": "inspected", "note": "Dull along one edge for a hand’s breadth; no nick.", "findings": {"edges": "watch", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('01a223d6-dd6d-721b-8e98-0c5368603a11', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-db1e-710c-8892-f61e9d5eebf0', '01a223d6-db1e-710c-8892-fe3f7971deef', '2026-10-11 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"kind": "moved", "holder": {"at": "person", "personId": "01a223d6-cee8-72ca-a759-f6e66c65244e"}}'),
	('01a223d6-dea9-76ed-87ee-0685e2cd7fc4', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-db1e-710c-8892-f61e9d5eebf0', '01a223d6-db1e-710c-8892-fe3f7971deef', '2026-11-08 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"kind": "inspected", "note": "", "findings": {"edges": "good", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('01a223d6-df3e-714e-8ac5-3d75080cf397', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-db1e-710c-8892-f61e9d5eebf0', '01a223d6-db1e-710c-8892-fb990ffb002f', '2026-11-14 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"kind": "inspected", "note": "", "findings": {"edges": "good", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('01a223d6-dff4-7074-b453-3ccb9ed2270f', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-dfb4-7638-bb63-a56e985807df', '01a223d6-dfb4-7638-bb63-a97856f1bdcd', '2026-11-14 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"kind": "inspected", "note": "", "findings": {"edges": "good", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('01a223d6-e1b8-746f-a760-0dce8ad3834b', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e048-757f-a6b5-33a692c985de', '01a223d6-e048-757f-a6b5-37baac7772f8', '2026-10-10 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"kind": "inspected", "note": "", "findings": {"edges": "good", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('01a223d6-e251-7548-aae1-cfe09f4b6bb9', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e1c8-77e7-9f7b-e158d410dc72', '01a223d6-e1c8-77e7-9f7b-e713aeffa783', '2026-11-07 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"kind": "inspected", "note": "", "findings": {"edges": "good", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('01a223d6-e3c5-724d-b82e-c15b9897ed62', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e2f9-75ca-889b-fce185fd9284', '01a223d6-e2f9-75ca-889c-011124147fa7', '2026-11-14 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"kind": "inspected", "note": "", "findings": {"seam": "good", "edges": "good", "surface": "good"}}'),
	('01a223d6-e5a4-7560-91bd-b47dd42c942a', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf', '01a223d6-e41e-77dd-ab42-9ccc1c1f3686', '2026-11-14 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"kind": "inspected", "note": "", "findings": {"edges": "good", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('01a223d6-e5b3-72b8-9493-8f9c0e162af8', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf', '01a223d6-e41e-77dd-ab42-a38379b003a0', '2026-11-14 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"kind": "inspected", "note": "", "findings": {"edges": "good", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('8485d46d-ca88-4e17-87d8-af695210f186', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e1c8-77e7-9f7b-e158d410dc72', '01a223d6-e1c8-77e7-9f7b-e713aeffa783', '2026-11-28 20:27:39.813+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"kind": "moved", "holder": {"at": "person", "personId": "01a223d6-cee8-72ca-a759-f6e66c65244e"}}');
INSERT INTO public.band_measurement VALUES
	('01a223d6-d014-74bd-9309-b6f17fb678cf', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf73-72ae-aa03-e45d5cacc104', '01a223d6-cf76-70db-99b8-511da3961623', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-10 09:00:00+00', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', ''),
	('01a223d6-d1bc-72cc-89e7-350cd903dc23', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d199-719f-88f2-7299e0018be7', '01a223d6-d199-719f-88f2-7558240f3172', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-10 09:00:00+00', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', ''),
	('01a223d6-d39a-74ed-9fd3-81065edab040', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d36f-71ae-8b14-fb99b7aa7d0e', '01a223d6-d36f-71ae-8b14-fc73b81a576c', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-10 09:00:00+00', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', ''),
	('01a223d6-d646-71ba-93b3-15773485b9ce', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d630-712b-a40e-59fbae137a5e', '01a223d6-d630-712b-a40e-5fc10eae92b3', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-10 09:00:00+00', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', ''),
	('01a223d6-d892-77c8-9357-0ea3026f72a4', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d872-75ea-8337-053f7d8396fb', '01a223d6-d872-75ea-8337-0bb63a4fef3a', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-04-29 09:00:00+00', '2026-04-29 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', ''),
	('01a223d6-d96d-721b-9efe-9f666c4ad27b', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d872-75ea-8337-053f7d8396fb', '01a223d6-d872-75ea-8337-0bb63a4fef3a', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-11-14 09:00:00+00', '2026-11-14 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', ''),
	('01a223d6-dba9-72d1-a66c-952f0bc9059b', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-db1e-710c-8892-f61e9d5eebf0', '01a223d6-db1e-710c-8892-fb990ffb002f', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-10 09:00:00+00', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', ''),
	('01a223d6-e097-77b8-a403-02657ff3d61d', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e048-757f-a6b5-33a692c985de', '01a223d6-e048-757f-a6b5-37baac7772f8', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-10 09:00:00+00', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', ''),
	('01a223d6-e1d8-743b-a960-0677999418cb', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e1c8-77e7-9f7b-e158d410dc72', '01a223d6-e1c8-77e7-9f7b-e713aeffa783', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-10 09:00:00+00', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', ''),
	('01a223d6-e30f-77d9-8a3b-28ac49a1e95d', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e2f9-75ca-889b-fce185fd9284', '01a223d6-e2f9-75ca-889c-011124147fa7', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-10 09:00:00+00', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', ''),
	('01a223d6-e435-745d-a63f-516888c39a21', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf', '01a223d6-e41e-77dd-ab42-9ccc1c1f3686', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-10 09:00:00+00', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '');
INSERT INTO public.band_reading VALUES
	('01a223d6-d062-72ee-89b8-5ae65cff7fd4', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf73-72ae-aa03-e45d5cacc104', 1.95, 15.5, 1.5, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d062-72ee-89b8-5ae65cff7fd4', 0, false, '01a223d6-d014-74bd-9309-b6f17fb678cf', 0, NULL, ''),
	('01a223d6-d09c-7053-a073-8e7eb5da1851', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf73-72ae-aa03-e45d5cacc104', 2.4, 24.5, 1.5, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d09c-7053-a073-8e7eb5da1851', 0, false, '01a223d6-d014-74bd-9309-b6f17fb678cf', 0, NULL, ''),
	('01a223d6-d107-765b-b960-92921ccd9876', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf73-72ae-aa03-e45d5cacc104', 3, 33.5, 1.5, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d107-765b-b960-92921ccd9876', 0, false, '01a223d6-d014-74bd-9309-b6f17fb678cf', 0, NULL, ''),
	('01a223d6-d14c-703f-8cf9-e320bbb88e8a', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf73-72ae-aa03-e45d5cacc104', 3.6, 39.5, 1.5, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d14c-703f-8cf9-e320bbb88e8a', 0, false, '01a223d6-d014-74bd-9309-b6f17fb678cf', 0, NULL, ''),
	('01a223d6-d25c-751d-92ab-debd864ec041', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d199-719f-88f2-7299e0018be7', 1.8, 17.5, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d25c-751d-92ab-debd864ec041', 0, false, '01a223d6-d1bc-72cc-89e7-350cd903dc23', 0.24, NULL, ''),
	('01a223d6-d26e-77bd-9316-fb0b56d811c6', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d199-719f-88f2-7299e0018be7', 2.28, 32, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d26e-77bd-9316-fb0b56d811c6', 0, false, '01a223d6-d1bc-72cc-89e7-350cd903dc23', 0.24, NULL, ''),
	('01a223d6-d280-7573-88a3-95004aae5b62', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d199-719f-88f2-7299e0018be7', 2.76, 41.5, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d280-7573-88a3-95004aae5b62', 0, false, '01a223d6-d1bc-72cc-89e7-350cd903dc23', 0.24, NULL, ''),
	('01a223d6-d2ac-732d-8df8-f5ee4df7ad73', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d199-719f-88f2-7299e0018be7', 3.12, 49, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d2ac-732d-8df8-f5ee4df7ad73', 0, false, '01a223d6-d1bc-72cc-89e7-350cd903dc23', 0.24, NULL, ''),
	('01a223d6-d2bf-75e4-8424-cfb3cd98eb07', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d199-719f-88f2-7299e0018be7', 2.64, 37, NULL, NULL, 'unloading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d2bf-75e4-8424-cfb3cd98eb07', 0, false, '01a223d6-d1bc-72cc-89e7-350cd903dc23', 0.24, NULL, ''),
	('01a223d6-d2dc-70e1-bbaa-68e80d349db4', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d199-719f-88f2-7299e0018be7', 2.04, 22.5, NULL, NULL, 'unloading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d2dc-70e1-bbaa-68e80d349db4', 0, false, '01a223d6-d1bc-72cc-89e7-350cd903dc23', 0.24, NULL, ''),
	('01a223d6-d3b6-760d-b854-68793bbbbe12', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d36f-71ae-8b14-fb99b7aa7d0e', 1.35, 55, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d3b6-760d-b854-68793bbbbe12', 0, false, '01a223d6-d39a-74ed-9fd3-81065edab040', 0, NULL, ''),
	('01a223d6-d426-72e0-bce7-f6fd15f3494b', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d36f-71ae-8b14-fb99b7aa7d0e', 1.77, 100.5, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d426-72e0-bce7-f6fd15f3494b', 0, false, '01a223d6-d39a-74ed-9fd3-81065edab040', 0, NULL, ''),
	('01a223d6-d491-74a3-8b1d-a83da84ca102', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d36f-71ae-8b14-fb99b7aa7d0e', 2.18, 128, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d491-74a3-8b1d-a83da84ca102', 0, false, '01a223d6-d39a-74ed-9fd3-81065edab040', 0, NULL, ''),
	('01a223d6-d670-737d-acda-4232c495456a', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d630-712b-a40e-59fbae137a5e', 2.04, 16, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d670-737d-acda-4232c495456a', 0, false, '01a223d6-d646-71ba-93b3-15773485b9ce', 0.24, NULL, ''),
	('01a223d6-d6f1-7731-81da-209afcc3b461', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d630-712b-a40e-59fbae137a5e', 2.64, 24.7, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d6f1-7731-81da-209afcc3b461', 0, false, '01a223d6-d646-71ba-93b3-15773485b9ce', 0.24, NULL, ''),
	('01a223d6-d721-72fd-bfa6-599508d83b47', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d630-712b-a40e-59fbae137a5e', 3.12, 30.6, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d721-72fd-bfa6-599508d83b47', 0, false, '01a223d6-d646-71ba-93b3-15773485b9ce', 0.24, NULL, ''),
	('01a223d6-d8b2-742f-9567-67e4af948840', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d872-75ea-8337-053f7d8396fb', 1.35, 70.5, NULL, NULL, 'loading', '2026-04-29 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d8b2-742f-9567-67e4af948840', 0, false, '01a223d6-d892-77c8-9357-0ea3026f72a4', 0, NULL, ''),
	('01a223d6-d8d5-72b1-be6f-ebd9755cdc97', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d872-75ea-8337-053f7d8396fb', 1.77, 132, NULL, NULL, 'loading', '2026-04-29 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d8d5-72b1-be6f-ebd9755cdc97', 0, false, '01a223d6-d892-77c8-9357-0ea3026f72a4', 0, NULL, ''),
	('01a223d6-d912-73c3-936e-73cc8246cf7f', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d872-75ea-8337-053f7d8396fb', 2.18, 172, NULL, NULL, 'loading', '2026-04-29 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d912-73c3-936e-73cc8246cf7f', 0, false, '01a223d6-d892-77c8-9357-0ea3026f72a4', 0, NULL, ''),
	('01a223d6-d9bc-7296-b9ea-bfd02e545a98', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d872-75ea-8337-053f7d8396fb', 1.35, 59.5, NULL, NULL, 'loading', '2026-11-14 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d9bc-7296-b9ea-bfd02e545a98', 0, false, '01a223d6-d96d-721b-9efe-9f666c4ad27b', 0, NULL, ''),
	('01a223d6-d9d6-72da-bc7d-f50cc6e5054b', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d872-75ea-8337-053f7d8396fb', 1.77, 111.5, NULL, NULL, 'loading', '2026-11-14 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d9d6-72da-bc7d-f50cc6e5054b', 0, false, '01a223d6-d96d-721b-9efe-9f666c4ad27b', 0, NULL, ''),
	('01a223d6-d9fb-773d-b17f-d3007b968732', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-d872-75ea-8337-053f7d8396fb', 2.18, 144.5, NULL, NULL, 'loading', '2026-11-14 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-d9fb-773d-b17f-d3007b968732', 0, false, '01a223d6-d96d-721b-9efe-9f666c4ad27b', 0, NULL, ''),
	('01a223d6-dbd0-735b-9acc-2b4ae1a7fc22', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-db1e-710c-8892-f61e9d5eebf0', 1.3, 29, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-dbd0-735b-9acc-2b4ae1a7fc22', 0, false, '01a223d6-dba9-72d1-a66c-952f0bc9059b', 0, NULL, ''),
	('01a223d6-dbf0-775e-9f7a-e463df12b177', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-db1e-710c-8892-f61e9d5eebf0', 1.56, 48, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-dbf0-775e-9f7a-e463df12b177', 0, false, '01a223d6-dba9-72d1-a66c-952f0bc9059b', 0, NULL, ''),
	('01a223d6-dc53-703a-9599-9635670fd695', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-db1e-710c-8892-f61e9d5eebf0', 1.82, 62.5, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-dc53-703a-9599-9635670fd695', 0, false, '01a223d6-dba9-72d1-a66c-952f0bc9059b', 0, NULL, ''),
	('01a223d6-dc72-7755-8464-017d2c83f474', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-db1e-710c-8892-f61e9d5eebf0', 2.08, 75, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-dc72-7755-8464-017d2c83f474', 0, false, '01a223d6-dba9-72d1-a66c-952f0bc9059b', 0, NULL, ''),
	('01a223d6-dcf0-71ae-96b9-cb1d0dd62fa9', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-db1e-710c-8892-f61e9d5eebf0', 2.39, 83, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-dcf0-71ae-96b9-cb1d0dd62fa9', 0, false, '01a223d6-dba9-72d1-a66c-952f0bc9059b', 0, NULL, ''),
	('01a223d6-e0df-77ff-a0cd-4f72fe1d2232', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e048-757f-a6b5-33a692c985de', 1.25, 61.5, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-e0df-77ff-a0cd-4f72fe1d2232', 0, false, '01a223d6-e097-77b8-a403-02657ff3d61d', 0, NULL, ''),
	('01a223d6-e18d-72ff-aac6-19ef64196b6b', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e048-757f-a6b5-33a692c985de', 1.56, 118, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-e18d-72ff-aac6-19ef64196b6b', 0, false, '01a223d6-e097-77b8-a403-02657ff3d61d', 0, NULL, ''),
	('01a223d6-e1a2-7688-af79-db5c6e4cb4be', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e048-757f-a6b5-33a692c985de', 1.87, 156, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-e1a2-7688-af79-db5c6e4cb4be', 0, false, '01a223d6-e097-77b8-a403-02657ff3d61d', 0, NULL, ''),
	('01a223d6-e1ad-7178-83b9-57bd2e00042f', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e048-757f-a6b5-33a692c985de', 2.29, 197.5, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-e1ad-7178-83b9-57bd2e00042f', 0, false, '01a223d6-e097-77b8-a403-02657ff3d61d', 0, NULL, ''),
	('01a223d6-e206-7718-adb6-c2b3bdb8fe2c', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e1c8-77e7-9f7b-e158d410dc72', 1.65, 182.5, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-e206-7718-adb6-c2b3bdb8fe2c', 0, false, '01a223d6-e1d8-743b-a960-0677999418cb', 0, NULL, ''),
	('01a223d6-e322-709b-ad7a-81072a6f8801', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e2f9-75ca-889b-fce185fd9284', 0.39, 25.5, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-e322-709b-ad7a-81072a6f8801', 0, false, '01a223d6-e30f-77d9-8a3b-28ac49a1e95d', 0, NULL, ''),
	('01a223d6-e363-729a-837d-c0d5952d580f', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e2f9-75ca-889b-fce185fd9284', 0.51, 44, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-e363-729a-837d-c0d5952d580f', 0, false, '01a223d6-e30f-77d9-8a3b-28ac49a1e95d', 0, NULL, ''),
	('01a223d6-e37d-730f-b4d2-d9d8cd956f6f', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e2f9-75ca-889b-fce185fd9284', 0.63, 60.5, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-e37d-730f-b4d2-d9d8cd956f6f', 0, false, '01a223d6-e30f-77d9-8a3b-28ac49a1e95d', 0, NULL, ''),
	('01a223d6-e4b6-71e9-88fd-2f337291c5ed', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf', 1.35, 48, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-e4b6-71e9-88fd-2f337291c5ed', 0, false, '01a223d6-e435-745d-a63f-516888c39a21', 0, NULL, ''),
	('01a223d6-e4d1-723a-8661-2aa6db5109c3', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf', 1.66, 76.5, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-e4d1-723a-8661-2aa6db5109c3', 0, false, '01a223d6-e435-745d-a63f-516888c39a21', 0, NULL, ''),
	('01a223d6-e505-71fb-b027-4baeeb66f6d8', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf', 2.08, 105.5, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-e505-71fb-b027-4baeeb66f6d8', 0, false, '01a223d6-e435-745d-a63f-516888c39a21', 0, NULL, ''),
	('01a223d6-e51a-70a9-a9a8-c06840062148', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf', 2.39, 124, NULL, NULL, 'loading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-e51a-70a9-a9a8-c06840062148', 0, false, '01a223d6-e435-745d-a63f-516888c39a21', 0, NULL, ''),
	('01a223d6-e559-75a3-8433-0fbc004daf0c', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf', 1.98, 94, NULL, NULL, 'unloading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-e559-75a3-8433-0fbc004daf0c', 0, false, '01a223d6-e435-745d-a63f-516888c39a21', 0, NULL, ''),
	('01a223d6-e56d-71ec-8e10-4a73201b0fe5', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf', 1.56, 64.5, NULL, NULL, 'unloading', '2026-10-10 09:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-e56d-71ec-8e10-4a73201b0fe5', 0, false, '01a223d6-e435-745d-a63f-516888c39a21', 0, NULL, '');
INSERT INTO public.decision VALUES
	('01a223d6-f126-7479-8f0d-f888e08feea6', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-efb8-7195-a01b-369f9c7ff823', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'accepted', '[{"load": 30.518069023782424, "title": "Reed at 1.60 m", "setupId": "01a223d6-e610-7083-ac2d-17a5221745ee"}, {"load": 34.60395555729291, "title": "Reed at 1.65 m", "setupId": "01a223d6-e768-70b1-8114-27fca70ed1cb"}, {"load": 38.37548628131116, "title": "Reed at 1.70 m", "setupId": "01a223d6-e834-763f-93bd-186c9b8b5baa"}, {"load": 41.88027641244023, "title": "Reed at 1.75 m", "setupId": "01a223d6-ea71-700c-bcec-341396115af7"}, {"load": 45.157379360307736, "title": "Reed at 1.80 m", "setupId": "01a223d6-ec64-778b-889f-e14f31d9cdbb"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 30.518069023782424}, {"id": "Reed at 1.65 m", "load": 34.60395555729291}, {"id": "Reed at 1.70 m", "load": 38.37548628131116}, {"id": "Reed at 1.75 m", "load": 41.88027641244023}, {"id": "Reed at 1.80 m", "load": 45.157379360307736}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-18", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 11, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-05"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [0], "rest_s": 60, "target": [10, 10, 10]}}', '{"code": "more", "rungs": [0], "format": "wiry-otter.decision", "target": [13, 13, 12], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.clearance", "text": "Cleared by the clinician until 5 Feb 2027.", "figures": {"date": "2026-10-18", "until": "2027-02-05"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 10–17, not full yet (12, 12, 11): one repetition more in each set.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "12, 12, 11"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.65 m, is 13 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 34.60395555729291, "from": 30.518069023782424, "step": 0.13388417629983085, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [13, 13, 12], "setupIds": ["01a223d6-e610-7083-ac2d-17a5221745ee"], "decidedAt": "2026-10-18T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d6-f4c4-70cb-bf6a-fca6390c8062', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-f162-7366-90e0-b2f1af42322d', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'accepted', '[{"load": 30.518069023782424, "title": "Reed at 1.60 m", "setupId": "01a223d6-e610-7083-ac2d-17a5221745ee"}, {"load": 34.60395555729291, "title": "Reed at 1.65 m", "setupId": "01a223d6-e768-70b1-8114-27fca70ed1cb"}, {"load": 38.37548628131116, "title": "Reed at 1.70 m", "setupId": "01a223d6-e834-763f-93bd-186c9b8b5baa"}, {"load": 41.88027641244023, "title": "Reed at 1.75 m", "setupId": "01a223d6-ea71-700c-bcec-341396115af7"}, {"load": 45.157379360307736, "title": "Reed at 1.80 m", "setupId": "01a223d6-ec64-778b-889f-e14f31d9cdbb"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 30.518069023782424}, {"id": "Reed at 1.65 m", "load": 34.60395555729291}, {"id": "Reed at 1.70 m", "load": 38.37548628131116}, {"id": "Reed at 1.75 m", "load": 41.88027641244023}, {"id": "Reed at 1.80 m", "load": 45.157379360307736}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-18", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 11, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-21", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-05"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [0], "rest_s": 60, "target": [13, 13, 12]}}', '{"code": "more", "rungs": [0], "format": "wiry-otter.decision", "target": [15, 14, 14], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.clearance", "text": "Cleared by the clinician until 5 Feb 2027.", "figures": {"date": "2026-10-21", "until": "2027-02-05"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.break", "text": "3 days since the session before: no break, which begins after 14.", "figures": {"days": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 10–17, not full yet (14, 13, 13): one repetition more in each set.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "14, 13, 13"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.65 m, is 13 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 34.60395555729291, "from": 30.518069023782424, "step": 0.13388417629983085, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [15, 14, 14], "setupIds": ["01a223d6-e610-7083-ac2d-17a5221745ee"], "decidedAt": "2026-10-21T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d6-f6bb-72b7-bdb6-f7944d0bafa1', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-f4f7-7760-8c4c-d7cc59006b7a', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'accepted', '[{"load": 30.518069023782424, "title": "Reed at 1.60 m", "setupId": "01a223d6-e610-7083-ac2d-17a5221745ee"}, {"load": 34.60395555729291, "title": "Reed at 1.65 m", "setupId": "01a223d6-e768-70b1-8114-27fca70ed1cb"}, {"load": 38.37548628131116, "title": "Reed at 1.70 m", "setupId": "01a223d6-e834-763f-93bd-186c9b8b5baa"}, {"load": 41.88027641244023, "title": "Reed at 1.75 m", "setupId": "01a223d6-ea71-700c-bcec-341396115af7"}, {"load": 45.157379360307736, "title": "Reed at 1.80 m", "setupId": "01a223d6-ec64-778b-889f-e14f31d9cdbb"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 30.518069023782424}, {"id": "Reed at 1.65 m", "load": 34.60395555729291}, {"id": "Reed at 1.70 m", "load": 38.37548628131116}, {"id": "Reed at 1.75 m", "load": 41.88027641244023}, {"id": "Reed at 1.80 m", "load": 45.157379360307736}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-18", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 11, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-21", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-25", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-05"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [0], "rest_s": 60, "target": [15, 14, 14]}}', '{"code": "heavier", "rungs": [1], "format": "wiry-otter.decision", "target": [10, 10, 10], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.clearance", "text": "Cleared by the clinician until 5 Feb 2027.", "figures": {"date": "2026-10-25", "until": "2027-02-05"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.break", "text": "4 days since the session before: no break, which begins after 14.", "figures": {"days": 4}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.full", "text": "Every set reached 17: 17, 17, 17.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "17, 17, 17"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.65 m, is 13 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 34.60395555729291, "from": 30.518069023782424, "step": 0.13388417629983085, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [10, 10, 10], "setupIds": ["01a223d6-e768-70b1-8114-27fca70ed1cb"], "decidedAt": "2026-10-25T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d6-fa4a-71f1-aca6-082ee9ba0c27', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-f76e-752f-a0e9-693db7156cdf', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'accepted', '[{"load": 30.518069023782424, "title": "Reed at 1.60 m", "setupId": "01a223d6-e610-7083-ac2d-17a5221745ee"}, {"load": 34.60395555729291, "title": "Reed at 1.65 m", "setupId": "01a223d6-e768-70b1-8114-27fca70ed1cb"}, {"load": 38.37548628131116, "title": "Reed at 1.70 m", "setupId": "01a223d6-e834-763f-93bd-186c9b8b5baa"}, {"load": 41.88027641244023, "title": "Reed at 1.75 m", "setupId": "01a223d6-ea71-700c-bcec-341396115af7"}, {"load": 45.157379360307736, "title": "Reed at 1.80 m", "setupId": "01a223d6-ec64-778b-889f-e14f31d9cdbb"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 30.518069023782424}, {"id": "Reed at 1.65 m", "load": 34.60395555729291}, {"id": "Reed at 1.70 m", "load": 38.37548628131116}, {"id": "Reed at 1.75 m", "load": 41.88027641244023}, {"id": "Reed at 1.80 m", "load": 45.157379360307736}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-18", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 11, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-21", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-25", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-28", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 10, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-05"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [1], "rest_s": 60, "target": [10, 10, 10]}}', '{"code": "more", "rungs": [1], "format": "wiry-otter.decision", "target": [13, 13, 11], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.clearance", "text": "Cleared by the clinician until 5 Feb 2027.", "figures": {"date": "2026-10-28", "until": "2027-02-05"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.break", "text": "3 days since the session before: no break, which begins after 14.", "figures": {"days": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 10–17, not full yet (12, 12, 10): one repetition more in each set.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "12, 12, 10"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.70 m, is 11 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 38.37548628131116, "from": 34.60395555729291, "step": 0.10899131799466732, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [13, 13, 11], "setupIds": ["01a223d6-e768-70b1-8114-27fca70ed1cb"], "decidedAt": "2026-10-28T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d6-fb34-70ab-9428-03db6b1055c3', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-fa7c-704a-9866-60fb805588b8', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'accepted', '[{"load": 30.518069023782424, "title": "Reed at 1.60 m", "setupId": "01a223d6-e610-7083-ac2d-17a5221745ee"}, {"load": 34.60395555729291, "title": "Reed at 1.65 m", "setupId": "01a223d6-e768-70b1-8114-27fca70ed1cb"}, {"load": 38.37548628131116, "title": "Reed at 1.70 m", "setupId": "01a223d6-e834-763f-93bd-186c9b8b5baa"}, {"load": 41.88027641244023, "title": "Reed at 1.75 m", "setupId": "01a223d6-ea71-700c-bcec-341396115af7"}, {"load": 45.157379360307736, "title": "Reed at 1.80 m", "setupId": "01a223d6-ec64-778b-889f-e14f31d9cdbb"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 30.518069023782424}, {"id": "Reed at 1.65 m", "load": 34.60395555729291}, {"id": "Reed at 1.70 m", "load": 38.37548628131116}, {"id": "Reed at 1.75 m", "load": 41.88027641244023}, {"id": "Reed at 1.80 m", "load": 45.157379360307736}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-18", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 11, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-21", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-25", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-28", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 10, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-01", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 2, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 3, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-05"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [1], "rest_s": 60, "target": [13, 13, 11]}}', '{"code": "lighter", "rungs": [0], "format": "wiry-otter.decision", "target": [10, 10, 10], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.clearance", "text": "Cleared by the clinician until 5 Feb 2027.", "figures": {"date": "2026-11-01", "until": "2027-02-05"}}, {"rule": "gate.pain", "text": "Pain of 3 in 10, over the limit of 2: one rung lighter.", "figures": {"pain": 3, "limit": 2}}, {"rule": "gate.break", "text": "4 days since the session before: no break, which begins after 14.", "figures": {"days": 4}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [10, 10, 10], "setupIds": ["01a223d6-e610-7083-ac2d-17a5221745ee"], "decidedAt": "2026-11-01T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d6-fd36-7545-8a09-d6bcbfff9b6c', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-fc46-7789-95cc-92622e03b7b3', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'accepted', '[{"load": 30.518069023782424, "title": "Reed at 1.60 m", "setupId": "01a223d6-e610-7083-ac2d-17a5221745ee"}, {"load": 34.60395555729291, "title": "Reed at 1.65 m", "setupId": "01a223d6-e768-70b1-8114-27fca70ed1cb"}, {"load": 38.37548628131116, "title": "Reed at 1.70 m", "setupId": "01a223d6-e834-763f-93bd-186c9b8b5baa"}, {"load": 41.88027641244023, "title": "Reed at 1.75 m", "setupId": "01a223d6-ea71-700c-bcec-341396115af7"}, {"load": 45.157379360307736, "title": "Reed at 1.80 m", "setupId": "01a223d6-ec64-778b-889f-e14f31d9cdbb"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 30.518069023782424}, {"id": "Reed at 1.65 m", "load": 34.60395555729291}, {"id": "Reed at 1.70 m", "load": 38.37548628131116}, {"id": "Reed at 1.75 m", "load": 41.88027641244023}, {"id": "Reed at 1.80 m", "load": 45.157379360307736}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-18", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 11, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-21", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-25", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-28", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 10, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-01", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 2, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 3, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-04", "sets": [{"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-05"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [0], "rest_s": 60, "target": [10, 10, 10]}}', '{"code": "more", "rungs": [0], "format": "wiry-otter.decision", "target": [14, 14, 14], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.clearance", "text": "Cleared by the clinician until 5 Feb 2027.", "figures": {"date": "2026-11-04", "until": "2027-02-05"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.break", "text": "3 days since the session before: no break, which begins after 14.", "figures": {"days": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 10–17, not full yet (13, 13, 13): one repetition more in each set.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "13, 13, 13"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.65 m, is 13 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 34.60395555729291, "from": 30.518069023782424, "step": 0.13388417629983085, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [14, 14, 14], "setupIds": ["01a223d6-e610-7083-ac2d-17a5221745ee"], "decidedAt": "2026-11-04T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-0001-7646-a26f-54bfbc9017f7', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-fdb7-73e9-8b40-a6af355bc8f7', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'accepted', '[{"load": 30.518069023782424, "title": "Reed at 1.60 m", "setupId": "01a223d6-e610-7083-ac2d-17a5221745ee"}, {"load": 34.60395555729291, "title": "Reed at 1.65 m", "setupId": "01a223d6-e768-70b1-8114-27fca70ed1cb"}, {"load": 38.37548628131116, "title": "Reed at 1.70 m", "setupId": "01a223d6-e834-763f-93bd-186c9b8b5baa"}, {"load": 41.88027641244023, "title": "Reed at 1.75 m", "setupId": "01a223d6-ea71-700c-bcec-341396115af7"}, {"load": 45.157379360307736, "title": "Reed at 1.80 m", "setupId": "01a223d6-ec64-778b-889f-e14f31d9cdbb"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 30.518069023782424}, {"id": "Reed at 1.65 m", "load": 34.60395555729291}, {"id": "Reed at 1.70 m", "load": 38.37548628131116}, {"id": "Reed at 1.75 m", "load": 41.88027641244023}, {"id": "Reed at 1.80 m", "load": 45.157379360307736}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-21", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-25", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-28", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 10, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-01", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 2, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 3, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-04", "sets": [{"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-08", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 15, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-05"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [0], "rest_s": 60, "target": [14, 14, 14]}}', '{"code": "more", "rungs": [0], "format": "wiry-otter.decision", "target": [16, 16, 16], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.clearance", "text": "Cleared by the clinician until 5 Feb 2027.", "figures": {"date": "2026-11-08", "until": "2027-02-05"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.break", "text": "4 days since the session before: no break, which begins after 14.", "figures": {"days": 4}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 10–17, not full yet (15, 15, 15): one repetition more in each set.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "15, 15, 15"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.65 m, is 13 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 34.60395555729291, "from": 30.518069023782424, "step": 0.13388417629983085, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [16, 16, 16], "setupIds": ["01a223d6-e610-7083-ac2d-17a5221745ee"], "decidedAt": "2026-11-08T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-026c-726d-aea3-4c0e6b4126db', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-009b-71bd-b077-398275065e00', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'accepted', '[{"load": 30.518069023782424, "title": "Reed at 1.60 m", "setupId": "01a223d6-e610-7083-ac2d-17a5221745ee"}, {"load": 34.60395555729291, "title": "Reed at 1.65 m", "setupId": "01a223d6-e768-70b1-8114-27fca70ed1cb"}, {"load": 38.37548628131116, "title": "Reed at 1.70 m", "setupId": "01a223d6-e834-763f-93bd-186c9b8b5baa"}, {"load": 41.88027641244023, "title": "Reed at 1.75 m", "setupId": "01a223d6-ea71-700c-bcec-341396115af7"}, {"load": 45.157379360307736, "title": "Reed at 1.80 m", "setupId": "01a223d6-ec64-778b-889f-e14f31d9cdbb"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 30.518069023782424}, {"id": "Reed at 1.65 m", "load": 34.60395555729291}, {"id": "Reed at 1.70 m", "load": 38.37548628131116}, {"id": "Reed at 1.75 m", "load": 41.88027641244023}, {"id": "Reed at 1.80 m", "load": 45.157379360307736}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-25", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-28", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 10, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-01", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 2, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 3, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-04", "sets": [{"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-08", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 15, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-11", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-05"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [0], "rest_s": 60, "target": [16, 16, 16]}}', '{"code": "heavier", "rungs": [1], "format": "wiry-otter.decision", "target": [10, 10, 10], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.clearance", "text": "Cleared by the clinician until 5 Feb 2027.", "figures": {"date": "2026-11-11", "until": "2027-02-05"}}, {"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 2.", "figures": {"pain": 0, "limit": 2}}, {"rule": "gate.break", "text": "3 days since the session before: no break, which begins after 14.", "figures": {"days": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.full", "text": "Every set reached 17: 17, 17, 17.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "17, 17, 17"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.65 m, is 13 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 34.60395555729291, "from": 30.518069023782424, "step": 0.13388417629983085, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [10, 10, 10], "setupIds": ["01a223d6-e768-70b1-8114-27fca70ed1cb"], "decidedAt": "2026-11-11T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-0395-700e-b638-37d6b467deb1', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-02ab-768f-abad-c702aa8892a5', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'accepted', '[{"load": 30.518069023782424, "title": "Reed at 1.60 m", "setupId": "01a223d6-e610-7083-ac2d-17a5221745ee"}, {"load": 34.60395555729291, "title": "Reed at 1.65 m", "setupId": "01a223d6-e768-70b1-8114-27fca70ed1cb"}, {"load": 38.37548628131116, "title": "Reed at 1.70 m", "setupId": "01a223d6-e834-763f-93bd-186c9b8b5baa"}, {"load": 41.88027641244023, "title": "Reed at 1.75 m", "setupId": "01a223d6-ea71-700c-bcec-341396115af7"}, {"load": 45.157379360307736, "title": "Reed at 1.80 m", "setupId": "01a223d6-ec64-778b-889f-e14f31d9cdbb"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 30.518069023782424}, {"id": "Reed at 1.65 m", "load": 34.60395555729291}, {"id": "Reed at 1.70 m", "load": 38.37548628131116}, {"id": "Reed at 1.75 m", "load": 41.88027641244023}, {"id": "Reed at 1.80 m", "load": 45.157379360307736}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-28", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 10, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-01", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 2, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 3, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-04", "sets": [{"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-08", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 15, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-11", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-15", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-05"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [1], "rest_s": 60, "target": [10, 10, 10]}}', '{"code": "more", "rungs": [1], "format": "wiry-otter.decision", "target": [14, 13, 13], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.clearance", "text": "Cleared by the clinician until 5 Feb 2027.", "figures": {"date": "2026-11-15", "until": "2027-02-05"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.break", "text": "4 days since the session before: no break, which begins after 14.", "figures": {"days": 4}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 10–17, not full yet (13, 12, 12): one repetition more in each set.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "13, 12, 12"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.70 m, is 11 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 38.37548628131116, "from": 34.60395555729291, "step": 0.10899131799466732, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [14, 13, 13], "setupIds": ["01a223d6-e768-70b1-8114-27fca70ed1cb"], "decidedAt": "2026-11-15T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-04e8-72c8-abd0-b3f4bba3cc6a', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-03c3-70eb-a7c9-c36eaa570d8a', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'accepted', '[{"load": 30.518069023782424, "title": "Reed at 1.60 m", "setupId": "01a223d6-e610-7083-ac2d-17a5221745ee"}, {"load": 34.60395555729291, "title": "Reed at 1.65 m", "setupId": "01a223d6-e768-70b1-8114-27fca70ed1cb"}, {"load": 38.37548628131116, "title": "Reed at 1.70 m", "setupId": "01a223d6-e834-763f-93bd-186c9b8b5baa"}, {"load": 41.88027641244023, "title": "Reed at 1.75 m", "setupId": "01a223d6-ea71-700c-bcec-341396115af7"}, {"load": 45.157379360307736, "title": "Reed at 1.80 m", "setupId": "01a223d6-ec64-778b-889f-e14f31d9cdbb"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 30.518069023782424}, {"id": "Reed at 1.65 m", "load": 34.60395555729291}, {"id": "Reed at 1.70 m", "load": 38.37548628131116}, {"id": "Reed at 1.75 m", "load": 41.88027641244023}, {"id": "Reed at 1.80 m", "load": 45.157379360307736}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-11-01", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 2, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 3, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-04", "sets": [{"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-08", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 15, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-11", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-15", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-18", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-05"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [1], "rest_s": 60, "target": [14, 13, 13]}}', '{"code": "more", "rungs": [1], "format": "wiry-otter.decision", "target": [16, 15, 15], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.clearance", "text": "Cleared by the clinician until 5 Feb 2027.", "figures": {"date": "2026-11-18", "until": "2027-02-05"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.break", "text": "3 days since the session before: no break, which begins after 14.", "figures": {"days": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 10–17, not full yet (15, 14, 14): one repetition more in each set.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "15, 14, 14"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.70 m, is 11 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 38.37548628131116, "from": 34.60395555729291, "step": 0.10899131799466732, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [16, 15, 15], "setupIds": ["01a223d6-e768-70b1-8114-27fca70ed1cb"], "decidedAt": "2026-11-18T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-0779-751c-bf22-57705fd16495', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0536-754f-9275-fc806cadeb67', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'accepted', '[{"load": 30.518069023782424, "title": "Reed at 1.60 m", "setupId": "01a223d6-e610-7083-ac2d-17a5221745ee"}, {"load": 34.60395555729291, "title": "Reed at 1.65 m", "setupId": "01a223d6-e768-70b1-8114-27fca70ed1cb"}, {"load": 38.37548628131116, "title": "Reed at 1.70 m", "setupId": "01a223d6-e834-763f-93bd-186c9b8b5baa"}, {"load": 41.88027641244023, "title": "Reed at 1.75 m", "setupId": "01a223d6-ea71-700c-bcec-341396115af7"}, {"load": 45.157379360307736, "title": "Reed at 1.80 m", "setupId": "01a223d6-ec64-778b-889f-e14f31d9cdbb"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 30.518069023782424}, {"id": "Reed at 1.65 m", "load": 34.60395555729291}, {"id": "Reed at 1.70 m", "load": 38.37548628131116}, {"id": "Reed at 1.75 m", "load": 41.88027641244023}, {"id": "Reed at 1.80 m", "load": 45.157379360307736}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-11-04", "sets": [{"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-08", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 15, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-11", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-15", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-18", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-22", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-05"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [1], "rest_s": 60, "target": [16, 15, 15]}}', '{"code": "heavier", "rungs": [2], "format": "wiry-otter.decision", "target": [10, 10, 10], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.clearance", "text": "Cleared by the clinician until 5 Feb 2027.", "figures": {"date": "2026-11-22", "until": "2027-02-05"}}, {"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 2.", "figures": {"pain": 0, "limit": 2}}, {"rule": "gate.break", "text": "4 days since the session before: no break, which begins after 14.", "figures": {"days": 4}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.full", "text": "Every set reached 17: 17, 17, 17.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "17, 17, 17"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.70 m, is 11 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 38.37548628131116, "from": 34.60395555729291, "step": 0.10899131799466732, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [10, 10, 10], "setupIds": ["01a223d6-e834-763f-93bd-186c9b8b5baa"], "decidedAt": "2026-11-22T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-08dc-748f-8039-a2a54fa9d34e', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0801-7545-98f3-1eb11cb99b63', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'accepted', '[{"load": 30.518069023782424, "title": "Reed at 1.60 m", "setupId": "01a223d6-e610-7083-ac2d-17a5221745ee"}, {"load": 34.60395555729291, "title": "Reed at 1.65 m", "setupId": "01a223d6-e768-70b1-8114-27fca70ed1cb"}, {"load": 38.37548628131116, "title": "Reed at 1.70 m", "setupId": "01a223d6-e834-763f-93bd-186c9b8b5baa"}, {"load": 41.88027641244023, "title": "Reed at 1.75 m", "setupId": "01a223d6-ea71-700c-bcec-341396115af7"}, {"load": 45.157379360307736, "title": "Reed at 1.80 m", "setupId": "01a223d6-ec64-778b-889f-e14f31d9cdbb"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 30.518069023782424}, {"id": "Reed at 1.65 m", "load": 34.60395555729291}, {"id": "Reed at 1.70 m", "load": 38.37548628131116}, {"id": "Reed at 1.75 m", "load": 41.88027641244023}, {"id": "Reed at 1.80 m", "load": 45.157379360307736}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-11-08", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 15, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-11", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-15", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-18", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-22", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-25", "sets": [{"form": "clean", "pain": 0, "reps": 11, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 10, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-05"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [2], "rest_s": 60, "target": [10, 10, 10]}}', '{"code": "more", "rungs": [2], "format": "wiry-otter.decision", "target": [12, 11, 11], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.clearance", "text": "Cleared by the clinician until 5 Feb 2027.", "figures": {"date": "2026-11-25", "until": "2027-02-05"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.break", "text": "3 days since the session before: no break, which begins after 14.", "figures": {"days": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 10–15, not full yet (11, 10, 10): one repetition more in each set.", "figures": {"to": 15, "from": 10, "goal": 15, "reps": "11, 10, 10"}}, {"rule": "ladder.step", "text": "The next rung, Reed at 1.75 m, is 9 % up.", "figures": {"to": 41.88027641244023, "from": 38.37548628131116, "step": 0.09132887868670214, "extra": 0}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [12, 11, 11], "setupIds": ["01a223d6-e834-763f-93bd-186c9b8b5baa"], "decidedAt": "2026-11-25T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-0c47-72ce-b383-1904930f97a4', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0b93-7608-b031-eab6c37d41ea', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'accepted', '[{"load": 62.2282654999212, "title": "Willow at 1.80 m", "setupId": "01a223d7-092d-70e8-a3e9-12d5a25254bf"}, {"load": 71.11961143856183, "title": "Willow at 1.90 m", "setupId": "01a223d7-094a-75a5-af45-6d1a833bc84a"}, {"load": 79.15848102765491, "title": "Willow at 2.00 m", "setupId": "01a223d7-0978-7770-859a-4bf8dc2ceaae"}, {"load": 92.07738898998947, "title": "Heron at 2.00 m", "setupId": "01a223d7-0995-77cc-83b0-192f42661fe5"}, {"load": 108.64667249433428, "title": "Heron at 2.20 m", "setupId": "01a223d7-0a83-72be-96d6-700dd4d50e04"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 62.2282654999212}, {"id": "Willow at 1.90 m", "load": 71.11961143856183}, {"id": "Willow at 2.00 m", "load": 79.15848102765491}, {"id": "Heron at 2.00 m", "load": 92.07738898998947}, {"id": "Heron at 2.20 m", "load": 108.64667249433428}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-17", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [0], "rest_s": 90, "target": [8, 8, 8]}}', '{"code": "more", "rungs": [0], "format": "wiry-otter.decision", "target": [13, 12, 11], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 8–17, not full yet (12, 11, 10): one repetition more in each set.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "12, 11, 10"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Willow at 1.90 m, is 14 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 71.11961143856183, "from": 62.2282654999212, "step": 0.14288275379701676, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [13, 12, 11], "setupIds": ["01a223d7-092d-70e8-a3e9-12d5a25254bf"], "decidedAt": "2026-10-17T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-0d35-7404-ada9-7809ded2c17a', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0c82-7255-a0b7-78bc9af4bf75', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'accepted', '[{"load": 62.2282654999212, "title": "Willow at 1.80 m", "setupId": "01a223d7-092d-70e8-a3e9-12d5a25254bf"}, {"load": 71.11961143856183, "title": "Willow at 1.90 m", "setupId": "01a223d7-094a-75a5-af45-6d1a833bc84a"}, {"load": 79.15848102765491, "title": "Willow at 2.00 m", "setupId": "01a223d7-0978-7770-859a-4bf8dc2ceaae"}, {"load": 92.07738898998947, "title": "Heron at 2.00 m", "setupId": "01a223d7-0995-77cc-83b0-192f42661fe5"}, {"load": 108.64667249433428, "title": "Heron at 2.20 m", "setupId": "01a223d7-0a83-72be-96d6-700dd4d50e04"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 62.2282654999212}, {"id": "Willow at 1.90 m", "load": 71.11961143856183}, {"id": "Willow at 2.00 m", "load": 79.15848102765491}, {"id": "Heron at 2.00 m", "load": 92.07738898998947}, {"id": "Heron at 2.20 m", "load": 108.64667249433428}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-17", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-20", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [0], "rest_s": 90, "target": [13, 12, 11]}}', '{"code": "more", "rungs": [0], "format": "wiry-otter.decision", "target": [15, 14, 13], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.break", "text": "3 days since the session before: no break, which begins after 14.", "figures": {"days": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 8–17, not full yet (14, 13, 12): one repetition more in each set.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "14, 13, 12"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Willow at 1.90 m, is 14 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 71.11961143856183, "from": 62.2282654999212, "step": 0.14288275379701676, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [15, 14, 13], "setupIds": ["01a223d7-092d-70e8-a3e9-12d5a25254bf"], "decidedAt": "2026-10-20T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-0eb2-753f-81be-c434cf58b6bb', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0d9c-703e-a713-7db6c97f5932', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'accepted', '[{"load": 62.2282654999212, "title": "Willow at 1.80 m", "setupId": "01a223d7-092d-70e8-a3e9-12d5a25254bf"}, {"load": 71.11961143856183, "title": "Willow at 1.90 m", "setupId": "01a223d7-094a-75a5-af45-6d1a833bc84a"}, {"load": 79.15848102765491, "title": "Willow at 2.00 m", "setupId": "01a223d7-0978-7770-859a-4bf8dc2ceaae"}, {"load": 92.07738898998947, "title": "Heron at 2.00 m", "setupId": "01a223d7-0995-77cc-83b0-192f42661fe5"}, {"load": 108.64667249433428, "title": "Heron at 2.20 m", "setupId": "01a223d7-0a83-72be-96d6-700dd4d50e04"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 62.2282654999212}, {"id": "Willow at 1.90 m", "load": 71.11961143856183}, {"id": "Willow at 2.00 m", "load": 79.15848102765491}, {"id": "Heron at 2.00 m", "load": 92.07738898998947}, {"id": "Heron at 2.20 m", "load": 108.64667249433428}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-17", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-20", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-24", "sets": [{"form": "clean", "pain": 0, "reps": 16, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [0], "rest_s": 90, "target": [15, 14, 13]}}', '{"code": "more", "rungs": [0], "format": "wiry-otter.decision", "target": [17, 16, 16], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.break", "text": "4 days since the session before: no break, which begins after 14.", "figures": {"days": 4}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 8–17, not full yet (16, 15, 15): one repetition more in each set.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "16, 15, 15"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Willow at 1.90 m, is 14 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 71.11961143856183, "from": 62.2282654999212, "step": 0.14288275379701676, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [17, 16, 16], "setupIds": ["01a223d7-092d-70e8-a3e9-12d5a25254bf"], "decidedAt": "2026-10-24T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-0f86-733a-9095-452725b9a628', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0ee9-723c-bd15-22c0356d3393', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'accepted', '[{"load": 62.2282654999212, "title": "Willow at 1.80 m", "setupId": "01a223d7-092d-70e8-a3e9-12d5a25254bf"}, {"load": 71.11961143856183, "title": "Willow at 1.90 m", "setupId": "01a223d7-094a-75a5-af45-6d1a833bc84a"}, {"load": 79.15848102765491, "title": "Willow at 2.00 m", "setupId": "01a223d7-0978-7770-859a-4bf8dc2ceaae"}, {"load": 92.07738898998947, "title": "Heron at 2.00 m", "setupId": "01a223d7-0995-77cc-83b0-192f42661fe5"}, {"load": 108.64667249433428, "title": "Heron at 2.20 m", "setupId": "01a223d7-0a83-72be-96d6-700dd4d50e04"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 62.2282654999212}, {"id": "Willow at 1.90 m", "load": 71.11961143856183}, {"id": "Willow at 2.00 m", "load": 79.15848102765491}, {"id": "Heron at 2.00 m", "load": 92.07738898998947}, {"id": "Heron at 2.20 m", "load": 108.64667249433428}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-17", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-20", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-24", "sets": [{"form": "clean", "pain": 0, "reps": 16, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-27", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [0], "rest_s": 90, "target": [17, 16, 16]}}', '{"code": "heavier", "rungs": [1], "format": "wiry-otter.decision", "target": [8, 8, 8], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.break", "text": "3 days since the session before: no break, which begins after 14.", "figures": {"days": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.full", "text": "Every set reached 17: 17, 17, 17.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "17, 17, 17"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Willow at 1.90 m, is 14 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 71.11961143856183, "from": 62.2282654999212, "step": 0.14288275379701676, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [8, 8, 8], "setupIds": ["01a223d7-094a-75a5-af45-6d1a833bc84a"], "decidedAt": "2026-10-27T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-10b4-71c9-85f3-83057292a803', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0fbc-77fb-8a6c-a3a979bac049', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'accepted', '[{"load": 62.2282654999212, "title": "Willow at 1.80 m", "setupId": "01a223d7-092d-70e8-a3e9-12d5a25254bf"}, {"load": 71.11961143856183, "title": "Willow at 1.90 m", "setupId": "01a223d7-094a-75a5-af45-6d1a833bc84a"}, {"load": 79.15848102765491, "title": "Willow at 2.00 m", "setupId": "01a223d7-0978-7770-859a-4bf8dc2ceaae"}, {"load": 92.07738898998947, "title": "Heron at 2.00 m", "setupId": "01a223d7-0995-77cc-83b0-192f42661fe5"}, {"load": 108.64667249433428, "title": "Heron at 2.20 m", "setupId": "01a223d7-0a83-72be-96d6-700dd4d50e04"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 62.2282654999212}, {"id": "Willow at 1.90 m", "load": 71.11961143856183}, {"id": "Willow at 2.00 m", "load": 79.15848102765491}, {"id": "Heron at 2.00 m", "load": 92.07738898998947}, {"id": "Heron at 2.20 m", "load": 108.64667249433428}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-17", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-20", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-24", "sets": [{"form": "clean", "pain": 0, "reps": 16, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-27", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-10-31", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [1], "rest_s": 90, "target": [8, 8, 8]}}', '{"code": "more", "rungs": [1], "format": "wiry-otter.decision", "target": [14, 13, 12], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.break", "text": "4 days since the session before: no break, which begins after 14.", "figures": {"days": 4}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 8–17, not full yet (13, 12, 11): one repetition more in each set.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "13, 12, 11"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Willow at 2.00 m, is 11 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 79.15848102765491, "from": 71.11961143856183, "step": 0.11303309208934054, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [14, 13, 12], "setupIds": ["01a223d7-094a-75a5-af45-6d1a833bc84a"], "decidedAt": "2026-10-31T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-116f-7356-a88e-809ba67a6d33', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-10f8-75d2-9be9-0010953fdc70', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'accepted', '[{"load": 62.2282654999212, "title": "Willow at 1.80 m", "setupId": "01a223d7-092d-70e8-a3e9-12d5a25254bf"}, {"load": 71.11961143856183, "title": "Willow at 1.90 m", "setupId": "01a223d7-094a-75a5-af45-6d1a833bc84a"}, {"load": 79.15848102765491, "title": "Willow at 2.00 m", "setupId": "01a223d7-0978-7770-859a-4bf8dc2ceaae"}, {"load": 92.07738898998947, "title": "Heron at 2.00 m", "setupId": "01a223d7-0995-77cc-83b0-192f42661fe5"}, {"load": 108.64667249433428, "title": "Heron at 2.20 m", "setupId": "01a223d7-0a83-72be-96d6-700dd4d50e04"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 62.2282654999212}, {"id": "Willow at 1.90 m", "load": 71.11961143856183}, {"id": "Willow at 2.00 m", "load": 79.15848102765491}, {"id": "Heron at 2.00 m", "load": 92.07738898998947}, {"id": "Heron at 2.20 m", "load": 108.64667249433428}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-17", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-20", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-24", "sets": [{"form": "clean", "pain": 0, "reps": 16, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-27", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-10-31", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-03", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [1], "rest_s": 90, "target": [14, 13, 12]}}', '{"code": "more", "rungs": [1], "format": "wiry-otter.decision", "target": [16, 15, 15], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.break", "text": "3 days since the session before: no break, which begins after 14.", "figures": {"days": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 8–17, not full yet (15, 14, 14): one repetition more in each set.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "15, 14, 14"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Willow at 2.00 m, is 11 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 79.15848102765491, "from": 71.11961143856183, "step": 0.11303309208934054, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [16, 15, 15], "setupIds": ["01a223d7-094a-75a5-af45-6d1a833bc84a"], "decidedAt": "2026-11-03T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-11ed-712e-ad68-7e43fed31e47', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-118e-7058-b7ee-e56ad12166f8', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'accepted', '[{"load": 62.2282654999212, "title": "Willow at 1.80 m", "setupId": "01a223d7-092d-70e8-a3e9-12d5a25254bf"}, {"load": 71.11961143856183, "title": "Willow at 1.90 m", "setupId": "01a223d7-094a-75a5-af45-6d1a833bc84a"}, {"load": 79.15848102765491, "title": "Willow at 2.00 m", "setupId": "01a223d7-0978-7770-859a-4bf8dc2ceaae"}, {"load": 92.07738898998947, "title": "Heron at 2.00 m", "setupId": "01a223d7-0995-77cc-83b0-192f42661fe5"}, {"load": 108.64667249433428, "title": "Heron at 2.20 m", "setupId": "01a223d7-0a83-72be-96d6-700dd4d50e04"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 62.2282654999212}, {"id": "Willow at 1.90 m", "load": 71.11961143856183}, {"id": "Willow at 2.00 m", "load": 79.15848102765491}, {"id": "Heron at 2.00 m", "load": 92.07738898998947}, {"id": "Heron at 2.20 m", "load": 108.64667249433428}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-20", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-24", "sets": [{"form": "clean", "pain": 0, "reps": 16, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-27", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-10-31", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-03", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-07", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [1], "rest_s": 90, "target": [16, 15, 15]}}', '{"code": "heavier", "rungs": [2], "format": "wiry-otter.decision", "target": [8, 8, 8], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.break", "text": "4 days since the session before: no break, which begins after 14.", "figures": {"days": 4}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.full", "text": "Every set reached 17: 17, 17, 17.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "17, 17, 17"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Willow at 2.00 m, is 11 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 79.15848102765491, "from": 71.11961143856183, "step": 0.11303309208934054, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [8, 8, 8], "setupIds": ["01a223d7-0978-7770-859a-4bf8dc2ceaae"], "decidedAt": "2026-11-07T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-1294-729a-9847-6ad35e07958f', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-1215-753c-95db-6c18bfce5334', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'accepted', '[{"load": 62.2282654999212, "title": "Willow at 1.80 m", "setupId": "01a223d7-092d-70e8-a3e9-12d5a25254bf"}, {"load": 71.11961143856183, "title": "Willow at 1.90 m", "setupId": "01a223d7-094a-75a5-af45-6d1a833bc84a"}, {"load": 79.15848102765491, "title": "Willow at 2.00 m", "setupId": "01a223d7-0978-7770-859a-4bf8dc2ceaae"}, {"load": 92.07738898998947, "title": "Heron at 2.00 m", "setupId": "01a223d7-0995-77cc-83b0-192f42661fe5"}, {"load": 108.64667249433428, "title": "Heron at 2.20 m", "setupId": "01a223d7-0a83-72be-96d6-700dd4d50e04"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 62.2282654999212}, {"id": "Willow at 1.90 m", "load": 71.11961143856183}, {"id": "Willow at 2.00 m", "load": 79.15848102765491}, {"id": "Heron at 2.00 m", "load": 92.07738898998947}, {"id": "Heron at 2.20 m", "load": 108.64667249433428}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-24", "sets": [{"form": "clean", "pain": 0, "reps": 16, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-27", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-10-31", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-03", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-07", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-11-10", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [2], "rest_s": 90, "target": [8, 8, 8]}}', '{"code": "more", "rungs": [2], "format": "wiry-otter.decision", "target": [13, 12, 10], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.break", "text": "3 days since the session before: no break, which begins after 14.", "figures": {"days": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 8–17, not full yet (12, 11, 9): one repetition more in each set.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "12, 11, 9"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Heron at 2.00 m, is 16 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 92.07738898998947, "from": 79.15848102765491, "step": 0.16320308063795697, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [13, 12, 10], "setupIds": ["01a223d7-0978-7770-859a-4bf8dc2ceaae"], "decidedAt": "2026-11-10T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-1348-706f-b3bf-bc7c8355f2f2', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-12b8-7579-8345-a38ef0868cf4', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'accepted', '[{"load": 62.2282654999212, "title": "Willow at 1.80 m", "setupId": "01a223d7-092d-70e8-a3e9-12d5a25254bf"}, {"load": 71.11961143856183, "title": "Willow at 1.90 m", "setupId": "01a223d7-094a-75a5-af45-6d1a833bc84a"}, {"load": 79.15848102765491, "title": "Willow at 2.00 m", "setupId": "01a223d7-0978-7770-859a-4bf8dc2ceaae"}, {"load": 92.07738898998947, "title": "Heron at 2.00 m", "setupId": "01a223d7-0995-77cc-83b0-192f42661fe5"}, {"load": 108.64667249433428, "title": "Heron at 2.20 m", "setupId": "01a223d7-0a83-72be-96d6-700dd4d50e04"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 62.2282654999212}, {"id": "Willow at 1.90 m", "load": 71.11961143856183}, {"id": "Willow at 2.00 m", "load": 79.15848102765491}, {"id": "Heron at 2.00 m", "load": 92.07738898998947}, {"id": "Heron at 2.20 m", "load": 108.64667249433428}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-27", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-10-31", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-03", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-07", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-11-10", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-14", "sets": [{"form": "clean", "pain": 0, "reps": 7, "rung": 2, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 2, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 0, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [2], "rest_s": 90, "target": [13, 12, 10]}}', '{"code": "repeat", "rungs": [2], "format": "wiry-otter.decision", "target": [13, 12, 10], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.break", "text": "4 days since the session before: no break, which begins after 14.", "figures": {"days": 4}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.under", "text": "A set under 8 (7, 10, 9): the same again.", "figures": {"to": 15, "from": 8, "reps": "7, 10, 9"}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [13, 12, 10], "setupIds": ["01a223d7-0978-7770-859a-4bf8dc2ceaae"], "decidedAt": "2026-11-14T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-13c8-7695-85b1-49bf2fc99a44', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-136b-7337-aa70-c75e7843ab33', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'accepted', '[{"load": 62.2282654999212, "title": "Willow at 1.80 m", "setupId": "01a223d7-092d-70e8-a3e9-12d5a25254bf"}, {"load": 71.11961143856183, "title": "Willow at 1.90 m", "setupId": "01a223d7-094a-75a5-af45-6d1a833bc84a"}, {"load": 79.15848102765491, "title": "Willow at 2.00 m", "setupId": "01a223d7-0978-7770-859a-4bf8dc2ceaae"}, {"load": 92.07738898998947, "title": "Heron at 2.00 m", "setupId": "01a223d7-0995-77cc-83b0-192f42661fe5"}, {"load": 108.64667249433428, "title": "Heron at 2.20 m", "setupId": "01a223d7-0a83-72be-96d6-700dd4d50e04"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 62.2282654999212}, {"id": "Willow at 1.90 m", "load": 71.11961143856183}, {"id": "Willow at 2.00 m", "load": 79.15848102765491}, {"id": "Heron at 2.00 m", "load": 92.07738898998947}, {"id": "Heron at 2.20 m", "load": 108.64667249433428}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-31", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-03", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-07", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-11-10", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-14", "sets": [{"form": "clean", "pain": 0, "reps": 7, "rung": 2, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 2, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 0, "partial": 0}], "redFlag": false}, {"date": "2026-11-17", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [2], "rest_s": 90, "target": [13, 12, 10]}}', '{"code": "more", "rungs": [2], "format": "wiry-otter.decision", "target": [15, 14, 13], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.break", "text": "3 days since the session before: no break, which begins after 14.", "figures": {"days": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 8–17, not full yet (14, 13, 12): one repetition more in each set.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "14, 13, 12"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Heron at 2.00 m, is 16 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 92.07738898998947, "from": 79.15848102765491, "step": 0.16320308063795697, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [15, 14, 13], "setupIds": ["01a223d7-0978-7770-859a-4bf8dc2ceaae"], "decidedAt": "2026-11-17T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-152e-74a9-b7a3-5148351d3a33', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-1428-704c-8bdc-b2aa24b55131', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'overruled', '[{"load": 62.2282654999212, "title": "Willow at 1.80 m", "setupId": "01a223d7-092d-70e8-a3e9-12d5a25254bf"}, {"load": 71.11961143856183, "title": "Willow at 1.90 m", "setupId": "01a223d7-094a-75a5-af45-6d1a833bc84a"}, {"load": 79.15848102765491, "title": "Willow at 2.00 m", "setupId": "01a223d7-0978-7770-859a-4bf8dc2ceaae"}, {"load": 92.07738898998947, "title": "Heron at 2.00 m", "setupId": "01a223d7-0995-77cc-83b0-192f42661fe5"}, {"load": 108.64667249433428, "title": "Heron at 2.20 m", "setupId": "01a223d7-0a83-72be-96d6-700dd4d50e04"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 62.2282654999212}, {"id": "Willow at 1.90 m", "load": 71.11961143856183}, {"id": "Willow at 2.00 m", "load": 79.15848102765491}, {"id": "Heron at 2.00 m", "load": 92.07738898998947}, {"id": "Heron at 2.20 m", "load": 108.64667249433428}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-11-03", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-07", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-11-10", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-14", "sets": [{"form": "clean", "pain": 0, "reps": 7, "rung": 2, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 2, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 0, "partial": 0}], "redFlag": false}, {"date": "2026-11-17", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-21", "sets": [{"form": "clean", "pain": 0, "reps": 16, "rung": 2, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 2, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 2, "spare": 1, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [2], "rest_s": 90, "target": [15, 14, 13]}}', '{"code": "more", "rungs": [2], "format": "wiry-otter.decision", "target": [17, 16, 16], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.break", "text": "4 days since the session before: no break, which begins after 14.", "figures": {"days": 4}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 8–17, not full yet (16, 15, 15): one repetition more in each set.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "16, 15, 15"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Heron at 2.00 m, is 16 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 92.07738898998947, "from": 79.15848102765491, "step": 0.16320308063795697, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "Night ferries all week: hold steady.", "target": [15, 15, 15], "setupIds": ["01a223d7-0978-7770-859a-4bf8dc2ceaae"], "decidedAt": "2026-11-21T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a223d7-1656-71ef-b6f0-fcca20c7582a', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-1571-73bf-99b5-e849c9ef42e6', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'waiting', '[{"load": 62.2282654999212, "title": "Willow at 1.80 m", "setupId": "01a223d7-092d-70e8-a3e9-12d5a25254bf"}, {"load": 71.11961143856183, "title": "Willow at 1.90 m", "setupId": "01a223d7-094a-75a5-af45-6d1a833bc84a"}, {"load": 79.15848102765491, "title": "Willow at 2.00 m", "setupId": "01a223d7-0978-7770-859a-4bf8dc2ceaae"}, {"load": 92.07738898998947, "title": "Heron at 2.00 m", "setupId": "01a223d7-0995-77cc-83b0-192f42661fe5"}, {"load": 108.64667249433428, "title": "Heron at 2.20 m", "setupId": "01a223d7-0a83-72be-96d6-700dd4d50e04"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 62.2282654999212}, {"id": "Willow at 1.90 m", "load": 71.11961143856183}, {"id": "Willow at 2.00 m", "load": 79.15848102765491}, {"id": "Heron at 2.00 m", "load": 92.07738898998947}, {"id": "Heron at 2.20 m", "load": 108.64667249433428}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-11-07", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-11-10", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-14", "sets": [{"form": "clean", "pain": 0, "reps": 7, "rung": 2, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 2, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 0, "partial": 0}], "redFlag": false}, {"date": "2026-11-17", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-21", "sets": [{"form": "clean", "pain": 0, "reps": 16, "rung": 2, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 2, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 2, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-11-26", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 2, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 2, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 2, "spare": 1, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [2], "rest_s": 90, "target": [15, 15, 15]}}', '{"code": "heavier", "rungs": [3], "format": "wiry-otter.decision", "target": [8, 8, 8], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.break", "text": "5 days since the session before: no break, which begins after 14.", "figures": {"days": 5}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.full", "text": "Every set reached 17: 17, 17, 17.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "17, 17, 17"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Heron at 2.00 m, is 16 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 92.07738898998947, "from": 79.15848102765491, "step": 0.16320308063795697, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', NULL),
	('01a223d7-c0ce-71d5-8631-1fadfd1e8588', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '634ce3b7-4a62-4b05-afdd-db814da4ea24', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'waiting', '[{"load": 50.03592850212772, "title": "Ribbonweed at 1.67 m", "setupId": "01a223d7-bf1c-74c3-b5aa-25040e4238af"}, {"load": 54.2924096104659, "title": "Willow at 1.72 m", "setupId": "01a223d7-bf33-776e-b85b-8ab5aedb0524"}, {"load": 59.35039701175797, "title": "Willow at 1.77 m", "setupId": "01a223d7-bf61-7797-8e16-5f2ee91bdfac"}, {"load": 64.088271915144, "title": "Willow at 1.82 m", "setupId": "01a223d7-bf81-754e-808c-baad473b9436"}, {"load": 70.3659525773904, "title": "Reed at 2.32 m", "setupId": "01a223d7-bfc9-72ad-8384-c571982fd0bf"}, {"load": 76.82162214072989, "title": "Willow at 1.97 m", "setupId": "01a223d7-c00d-7334-b1df-9841e9fea308"}, {"load": 84.40068432437418, "title": "Willow at 2.07 m", "setupId": "01a223d7-c034-715a-870a-4fb266109b30"}, {"load": 91.46790250963232, "title": "Willow at 2.17 m", "setupId": "01a223d7-c053-745f-b150-4d8e43f0270c"}, {"load": 99.630254390906, "title": "Willow + Sluice at 1.57 m", "setupId": "01a223d7-c064-73cc-b5b5-ee351bb962c6"}, {"load": 108.9777786571905, "title": "Sluice + Old Mooring at 1.57 m", "setupId": "01a223d7-c075-72f0-87c8-41d50f061ea1"}, {"load": 112.55722716273594, "title": "Far out", "setupId": "4eca6407-8694-48d0-82bc-eeb12e3e4c21"}, {"load": 119.77506491638201, "title": "Eel + Old Mooring at 1.62 m", "setupId": "01a223d7-c096-732e-94fa-d1ddfa070b03"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Ribbonweed at 1.67 m", "load": 50.03592850212772}, {"id": "Willow at 1.72 m", "load": 54.2924096104659}, {"id": "Willow at 1.77 m", "load": 59.35039701175797}, {"id": "Willow at 1.82 m", "load": 64.088271915144}, {"id": "Reed at 2.32 m", "load": 70.3659525773904}, {"id": "Willow at 1.97 m", "load": 76.82162214072989}, {"id": "Willow at 2.07 m", "load": 84.40068432437418}, {"id": "Willow at 2.17 m", "load": 91.46790250963232}, {"id": "Willow + Sluice at 1.57 m", "load": 99.630254390906}, {"id": "Sluice + Old Mooring at 1.57 m", "load": 108.9777786571905}, {"id": "Far out", "load": 112.55722716273594}, {"id": "Eel + Old Mooring at 1.62 m", "load": 119.77506491638201}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-11-28", "sets": [{"form": "clean", "pain": 0, "reps": 9, "rung": 10, "spare": 2, "partial": 1}, {"form": "clean", "pain": 0, "reps": 11, "rung": 10, "spare": 2, "partial": 1}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [10], "rest_s": 90, "target": [8, 8, 8]}}', '{"code": "repeat", "rungs": [10], "format": "wiry-otter.decision", "target": [8, 8, 8], "reasons": [{"rule": "gate.red-flag", "text": "No red flag.", "figures": {}}, {"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 2 sets.", "figures": {"sets": 2, "breaking": 0}}, {"rule": "fill-range.under", "text": "A set under 8 (9, 11, 0): the same again.", "figures": {"to": 15, "from": 8, "reps": "9, 11, 0"}}, {"rule": "ladder.anew", "text": "The ladder was made anew: Eel, Heron, Lock beam, Minnow, Old Mooring, Reed, Ribbonweed, Sluice, Wick, Willow new in the bag; another body on file.", "figures": {"rungs": 12, "changes": 11}}, {"rule": "ladder.source", "text": "The ladder is the one that was found for this place: 12 rungs.", "figures": {"rungs": 12}}], "version": 1}', NULL);
INSERT INTO public.ladder VALUES
	('7479917b-6307-4df8-80af-2c3d94267ef5', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', '01a223d6-cf2a-774e-86c1-b2b10ae20bf8', false);
INSERT INTO public.ladder_version VALUES
	('7479917b-6307-4df8-80af-2c3d94267ef5', 1, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '{"gaps": [], "basis": {"body": {"mass_kg": 80, "stature_m": 1.8}, "bands": [], "anchorId": "01a223d6-cf2d-75df-8ecb-ce42ad27067c", "height_m": 1.25}, "moved": null, "rungs": [{"key": "near", "std": 3.245843938755927, "load": 62.2282654999212, "title": "near", "value": 1, "locked": false, "routeId": "end-held", "setupId": "bad8f533-cf87-4109-aebb-77a689aa8980", "cautions": [], "document": {"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "law": {"c1_N": 21.371633552918638, "c2_N": 16.33247844813718, "c3_N": 0.29129376811800967}, "kind": "loop", "loss": 0.13186999738043492, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.8, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}}, {"key": "far", "std": 3.0087446906599897, "load": 79.15848102765491, "title": "far", "value": 1, "locked": false, "routeId": "end-held", "setupId": "be6e08b5-7b8d-4a80-8f19-621bf5ccb3ee", "cautions": [], "document": {"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "law": {"c1_N": 21.371633552918638, "c2_N": 16.33247844813718, "c3_N": 0.29129376811800967}, "kind": "loop", "loss": 0.13186999738043492, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [2, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}}], "source": "found", "struck": [], "target": {"to": 120, "from": 50, "step": 0.1, "metric": "mean"}, "anchorId": "01a223d6-cf2d-75df-8ecb-ce42ad27067c", "notchFirst": false}', '2026-11-28 20:27:39.732+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b'),
	('7479917b-6307-4df8-80af-2c3d94267ef5', 2, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '{"gaps": [], "basis": {"body": {"mass_kg": 88, "stature_m": 1.81}, "bands": [{"id": "01a223d6-d199-719f-88f2-7299e0018be7", "law": {"c1_N": 17.332546544426805, "c2_N": 9.923102062895396, "c3_N": 0.13196149281560565}, "name": "Eel"}, {"id": "01a223d6-d36f-71ae-8b14-fb99b7aa7d0e", "law": {"c1_N": 26.56974385722924, "c2_N": 16.73603561089135, "c3_N": 0}, "name": "Heron"}, {"id": "01a223d6-d54e-7290-a9ff-2c29d3daf2ad", "law": {"c1_N": 77.50578178460664, "c2_N": 61.52211140430355, "c3_N": 0.8059385437405489}, "name": "Lock beam"}, {"id": "01a223d6-d630-712b-a40e-59fbae137a5e", "law": {"c1_N": 10.13987254743904, "c2_N": 7.410585262937161, "c3_N": 0.1406101542319078}, "name": "Minnow"}, {"id": "01a223d6-d872-75ea-8337-053f7d8396fb", "law": {"c1_N": 32.875442157977204, "c2_N": 12.793758832738604, "c3_N": 0}, "name": "Old Mooring"}, {"id": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "law": {"c1_N": 15.279179196565906, "c2_N": 11.216253297870821, "c3_N": 0}, "name": "Reed"}, {"id": "01a223d6-dfb4-7638-bb63-a56e985807df", "law": {"c1_N": 13.051994197810814, "c2_N": 11.627454006008975, "c3_N": 0}, "name": "Ribbonweed"}, {"id": "01a223d6-e048-757f-a6b5-33a692c985de", "law": {"c1_N": 35.70128448994956, "c2_N": 29.880933216045378, "c3_N": 0.09053255067766486}, "name": "Sluice"}, {"id": "01a223d6-e2f9-75ca-889b-fce185fd9284", "law": {"c1_N": 11.57523222440824, "c2_N": 7.777175323688482, "c3_N": 0.32009405056766127}, "name": "Wick"}, {"id": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "law": {"c1_N": 21.371633552918638, "c2_N": 16.33247844813718, "c3_N": 0.29129376811800967}, "name": "Willow"}], "anchorId": "01a223d6-cf2d-75df-8ecb-ce42ad27067c", "height_m": 1.25}, "moved": null, "rungs": [{"key": "19|01a223d6-dfb4-7638-bb63-a56e985807df:through", "std": 2.3663712530491594, "load": 50.03592850212772, "title": "Ribbonweed at 1.67 m", "value": 50.03592850212772, "locked": false, "routeId": "through", "setupId": "01a223d7-bf1c-74c3-b5aa-25040e4238af", "cautions": [], "document": {"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-dfb4-7638-bb63-a56e985807df", "path": ["gripL", "anchor", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-dfb4-7638-bb63-a56e985807df", "law": {"c1_N": 13.051994197810814, "c2_N": 11.627454006008975, "c3_N": 0}, "kind": "strip", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.5}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.67, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}}, {"key": "20|01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf:end-held", "std": 3.4736750582111027, "load": 54.2924096104659, "title": "Willow at 1.72 m", "value": 54.2924096104659, "locked": false, "routeId": "end-held", "setupId": "01a223d7-bf33-776e-b85b-8ab5aedb0524", "cautions": [], "document": {"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "law": {"c1_N": 21.371633552918638, "c2_N": 16.33247844813718, "c3_N": 0.29129376811800967}, "kind": "loop", "loss": 0.13186999738043492, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.72, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}}, {"key": "21|01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf:end-held", "std": 3.3201383319594404, "load": 59.35039701175797, "title": "Willow at 1.77 m", "value": 59.35039701175797, "locked": false, "routeId": "end-held", "setupId": "01a223d7-bf61-7797-8e16-5f2ee91bdfac", "cautions": [], "document": {"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "law": {"c1_N": 21.371633552918638, "c2_N": 16.33247844813718, "c3_N": 0.29129376811800967}, "kind": "loop", "loss": 0.13186999738043492, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.77, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}}, {"key": "22|01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf:end-held", "std": 3.20306189504609, "load": 64.088271915144, "title": "Willow at 1.82 m", "value": 64.088271915144, "locked": false, "routeId": "end-held", "setupId": "01a223d7-bf81-754e-808c-baad473b9436", "cautions": [], "document": {"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "law": {"c1_N": 21.371633552918638, "c2_N": 16.33247844813718, "c3_N": 0.29129376811800967}, "kind": "loop", "loss": 0.13186999738043492, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.82, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}}, {"key": "32|01a223d6-db1e-710c-8892-f61e9d5eebf0:end-held", "std": 2.05251411482767, "load": 70.3659525773904, "title": "Reed at 2.32 m", "value": 70.3659525773904, "locked": false, "routeId": "end-held", "setupId": "01a223d7-bfc9-72ad-8384-c571982fd0bf", "cautions": [], "document": {"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "law": {"c1_N": 15.279179196565906, "c2_N": 11.216253297870821, "c3_N": 0}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [2.32, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}}, {"key": "25|01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf:end-held", "std": 3.0219891770200964, "load": 76.82162214072989, "title": "Willow at 1.97 m", "value": 76.82162214072989, "locked": false, "routeId": "end-held", "setupId": "01a223d7-c00d-7334-b1df-9841e9fea308", "cautions": [], "document": {"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "law": {"c1_N": 21.371633552918638, "c2_N": 16.33247844813718, "c3_N": 0.29129376811800967}, "kind": "loop", "loss": 0.13186999738043492, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.97, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}}, {"key": "27|01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf:end-held", "std": 2.9976155273869587, "load": 84.40068432437418, "title": "Willow at 2.07 m", "value": 84.40068432437418, "locked": false, "routeId": "end-held", "setupId": "01a223d7-c034-715a-870a-4fb266109b30", "cautions": [], "document": {"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "law": {"c1_N": 21.371633552918638, "c2_N": 16.33247844813718, "c3_N": 0.29129376811800967}, "kind": "loop", "loss": 0.13186999738043492, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [2.07, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}}, {"key": "29|01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf:end-held", "std": 3.014567041756279, "load": 91.46790250963232, "title": "Willow at 2.17 m", "value": 91.46790250963232, "locked": false, "routeId": "end-held", "setupId": "01a223d7-c053-745f-b150-4d8e43f0270c", "cautions": [], "document": {"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "law": {"c1_N": 21.371633552918638, "c2_N": 16.33247844813718, "c3_N": 0.29129376811800967}, "kind": "loop", "loss": 0.13186999738043492, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [2.17, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}}, {"key": "17|01a223d6-e048-757f-a6b5-33a692c985de:end-held,01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf:end-held", "std": 11.26969480192703, "load": 99.630254390906, "title": "Willow + Sluice at 1.57 m", "value": 99.630254390906, "locked": false, "routeId": "end-held", "setupId": "01a223d7-c064-73cc-b5b5-ee351bb962c6", "cautions": [{"cure": {"kind": "stagger", "stagger_m": 0.05}, "rule": "balance", "text": "The pull tips one forward: the ground would have to push 2 cm outside the feet. One foot 5 cm ahead of the other holds it, or a lean against the pull.", "level": "warn", "figures": {"tip_m": 0.023257676014593665}}, {"rule": "slack-start", "text": "Next to nothing is asked at the start. Step back, shorten the band, or start with a lighter one.", "level": "warn", "figures": {"peak": 185.58599846711215, "start": 17.795687899786415, "slackShare": 0}}, {"rule": "inspection-due", "text": "Sluice: inspection due. Look along both edges and at the hitch area, stretched to ×1.5.", "level": "warn", "figures": {"bands": "Sluice"}}], "document": {"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-e048-757f-a6b5-33a692c985de", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}, {"band": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-e048-757f-a6b5-33a692c985de", "law": {"c1_N": 35.70128448994956, "c2_N": 29.880933216045378, "c3_N": 0.09053255067766486}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}, {"id": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "law": {"c1_N": 21.371633552918638, "c2_N": 16.33247844813718, "c3_N": 0.29129376811800967}, "kind": "loop", "loss": 0.13186999738043492, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.57, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}}, {"key": "17|01a223d6-d872-75ea-8337-053f7d8396fb:end-held,01a223d6-e048-757f-a6b5-33a692c985de:end-held", "std": 12.385519351045865, "load": 108.9777786571905, "title": "Sluice + Old Mooring at 1.57 m", "value": 108.9777786571905, "locked": false, "routeId": "end-held", "setupId": "01a223d7-c075-72f0-87c8-41d50f061ea1", "cautions": [{"cure": {"kind": "stagger", "stagger_m": 0.1}, "rule": "balance", "text": "The pull tips one forward: the ground would have to push 5 cm outside the feet. One foot 10 cm ahead of the other holds it, or a lean against the pull.", "level": "warn", "figures": {"tip_m": 0.04988298961078008}}, {"rule": "slack-start", "text": "Next to nothing is asked at the start. Step back, shorten the band, or start with a lighter one.", "level": "warn", "figures": {"peak": 204.50537120657742, "start": 19.204401114002884, "slackShare": 0}}, {"rule": "inspection-due", "text": "Sluice: inspection due. Look along both edges and at the hitch area, stretched to ×1.5.", "level": "warn", "figures": {"bands": "Sluice"}}, {"rule": "soft-band", "text": "Softer than when first measured: Old Mooring by 16 %. It is ageing; measure it again or retire it.", "level": "warn", "figures": {"bands": "Old Mooring"}}, {"rule": "hands", "text": "153 N in a bare hand: full-finger gloves or a handle, held in the base of the palm.", "level": "note", "figures": {"hand_N": 152.61089783271922}}], "document": {"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-d872-75ea-8337-053f7d8396fb", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}, {"band": "01a223d6-e048-757f-a6b5-33a692c985de", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-d872-75ea-8337-053f7d8396fb", "law": {"c1_N": 32.875442157977204, "c2_N": 12.793758832738604, "c3_N": 0}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}, {"id": "01a223d6-e048-757f-a6b5-33a692c985de", "law": {"c1_N": 35.70128448994956, "c2_N": 29.880933216045378, "c3_N": 0.09053255067766486}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.57, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}}, {"key": "18|01a223d6-d199-719f-88f2-7299e0018be7:through,01a223d6-d872-75ea-8337-053f7d8396fb:end-held", "std": 7.963726128438884, "load": 119.77506491638201, "title": "Eel + Old Mooring at 1.62 m", "value": 119.77506491638201, "locked": false, "routeId": "through", "setupId": "01a223d7-c096-732e-94fa-d1ddfa070b03", "cautions": [{"rule": "soft-band", "text": "Softer than when first measured: Old Mooring by 16 %. It is ageing; measure it again or retire it.", "level": "warn", "figures": {"bands": "Old Mooring"}}, {"rule": "mixed-lengths", "text": "Flat lengths of 1.04 and 1.20 m in one stack: the shorter one works first. Loads are computed, but logs compare badly.", "level": "note", "figures": {"longest_m": 1.2, "shortest_m": 1.04}}], "document": {"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-d199-719f-88f2-7299e0018be7", "path": ["gripL", "anchor", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}, {"band": "01a223d6-d872-75ea-8337-053f7d8396fb", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-d199-719f-88f2-7299e0018be7", "law": {"c1_N": 17.332546544426805, "c2_N": 9.923102062895396, "c3_N": 0.13196149281560565}, "kind": "tube", "loss": 0.1974901503978611, "limit": 2.5, "deadLength_m": 0.24, "flatLength_m": 1.2}, {"id": "01a223d6-d872-75ea-8337-053f7d8396fb", "law": {"c1_N": 32.875442157977204, "c2_N": 12.793758832738604, "c3_N": 0}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [{"at": "gripL", "mass_kg": 0.09}, {"at": "gripR", "mass_kg": 0.09}], "format": "wiry-otter.setup", "points": {"anchor": [1.62, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}}], "source": "found", "struck": [], "target": {"to": 120, "from": 50, "step": 0.1, "metric": "mean"}, "anchorId": "01a223d6-cf2d-75df-8ecb-ce42ad27067c", "notchFirst": false}', '2026-11-28 20:27:51.313+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b');
INSERT INTO public.migrations VALUES
	(1, 1764000000000, 'FirstSlice1764000000000'),
	(2, 1764100000000, 'KnowTheBands1764100000000'),
	(3, 1764200000000, 'StudioRules1764200000000'),
	(4, 1764300000000, 'AnchorsAndExercises1764300000000'),
	(5, 1764400000000, 'WhoSawToIt1764400000000'),
	(6, 1764500000000, 'HowSureTheMeanIs1764500000000'),
	(7, 1764600000000, 'NetPull1764600000000'),
	(8, 1764700000000, 'Posture1764700000000'),
	(9, 1764800000000, 'Room1764800000000'),
	(10, 1764900000000, 'Ladders1764900000000'),
	(11, 1765000000000, 'DropSets1765000000000'),
	(12, 1765100000000, 'FinderPreferences1765100000000'),
	(13, 1765200000000, 'SkillTests1765200000000'),
	(14, 1765300000000, 'SetUpsOfEachSet1765300000000');
INSERT INTO public.person VALUES
	('01a223d6-cee8-72ca-a759-f6e66c65244e', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, 'Odile Brandt', 'Lock keeper with a stiff right shoulder', 1.68, 71, 'rehab', 2, '{"by": "Sanne Okoro, physiotherapist", "until": "2027-02-05", "limits": "Rowing at chest height or below; no pull above 120 N; nothing overhead.", "enforced": {"groups": {"not": ["chest"]}, "pull_N": 120, "handHeight_m": 1.4}}', false, '1968-04-12', '["highBloodPressure"]', 150, '[{"joint": "shoulder", "most_deg": 100, "least_deg": -40}]'),
	('01a223d6-ceee-73f6-b0b8-6cb3a0488108', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, 'Runa Halvard', 'Boatbuilder after her first pull-up', 1.72, 68, 'skill', 3, NULL, false, '1994-09-30', '[]', 250, '[]'),
	('01a223d6-cef4-70bd-a2fe-5bdd42860612', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, 'Tobias Quill', 'Ferry cook keeping fit in a narrow cabin', 1.81, 88, 'keep', 3, NULL, false, '1981-01-19', '[]', 250, '[]'),
	('01a223d6-cef8-77fb-b9fe-49d618f79a35', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, 'Ylva Marsh', 'Rope-walk acrobat training levers', 1.63, 55, 'skill', 3, NULL, true, '2001-06-05', '[]', 300, '[]');
INSERT INTO public.person_trainer VALUES
	('01a223d6-cee8-72ca-a759-f6e66c65244e', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-ce1b-7708-bcd8-8ab24634d686'),
	('01a223d6-ceee-73f6-b0b8-6cb3a0488108', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-ce1b-7708-bcd8-8ab24634d686'),
	('01a223d6-cef4-70bd-a2fe-5bdd42860612', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-ce1b-7708-bcd8-8ab24634d686'),
	('01a223d6-cef8-77fb-b9fe-49d618f79a35', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-ce1b-7708-bcd8-8ab24634d686');
INSERT INTO public.place VALUES
	('01a223d6-cf14-742c-9be6-f0447797b854', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 'Boatyard loft', 'Over the slipway; beams, posts and a bar', 1),
	('01a223d6-cf2a-774e-86c1-b2b10ae20bf8', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 'Ferry cabin', 'Three paces long; an eye bolt in the bulkhead', 1),
	('01a223d6-cf37-776c-bf15-fdeaf62d64ba', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 'Lock cottage', 'The hall of the lock keeper’s house', 1);
INSERT INTO public.prescription VALUES
	('01a223d6-ef5a-72fd-bd05-e1539c415954', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'fill-range', 3, 60, '[10, 10, 10]', NULL, '2026-10-18 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 10, "kind": "reps"}', NULL, '["01a223d6-e610-7083-ac2d-17a5221745ee"]', 'main'),
	('01a223d6-f14f-7579-922a-e07b8ed83622', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'fill-range', 3, 60, '[13, 13, 12]', '01a223d6-f126-7479-8f0d-f888e08feea6', '2026-10-18 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 10, "kind": "reps"}', NULL, '["01a223d6-e610-7083-ac2d-17a5221745ee"]', 'main'),
	('01a223d6-f4f0-7029-9879-bcc192f25c89', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'fill-range', 3, 60, '[15, 14, 14]', '01a223d6-f4c4-70cb-bf6a-fca6390c8062', '2026-10-21 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 10, "kind": "reps"}', NULL, '["01a223d6-e610-7083-ac2d-17a5221745ee"]', 'main'),
	('01a223d6-f6fc-715e-9b2e-f222c3d7b26c', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'fill-range', 3, 60, '[10, 10, 10]', '01a223d6-f6bb-72b7-bdb6-f7944d0bafa1', '2026-10-25 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 10, "kind": "reps"}', NULL, '["01a223d6-e768-70b1-8114-27fca70ed1cb"]', 'main'),
	('01a223d6-fa76-707e-b336-918e41f2ff27', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'fill-range', 3, 60, '[13, 13, 11]', '01a223d6-fa4a-71f1-aca6-082ee9ba0c27', '2026-10-28 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 10, "kind": "reps"}', NULL, '["01a223d6-e768-70b1-8114-27fca70ed1cb"]', 'main'),
	('01a223d6-fc3a-715a-895e-cb92d75111e3', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'fill-range', 3, 60, '[10, 10, 10]', '01a223d6-fb34-70ab-9428-03db6b1055c3', '2026-11-01 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 10, "kind": "reps"}', NULL, '["01a223d6-e610-7083-ac2d-17a5221745ee"]', 'main'),
	('01a223d6-fdb2-747e-afd5-7cfe117c4734', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'fill-range', 3, 60, '[14, 14, 14]', '01a223d6-fd36-7545-8a09-d6bcbfff9b6c', '2026-11-04 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 10, "kind": "reps"}', NULL, '["01a223d6-e610-7083-ac2d-17a5221745ee"]', 'main'),
	('01a223d7-0062-742d-b4f6-d0dc5b380538', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'fill-range', 3, 60, '[16, 16, 16]', '01a223d7-0001-7646-a26f-54bfbc9017f7', '2026-11-08 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 10, "kind": "reps"}', NULL, '["01a223d6-e610-7083-ac2d-17a5221745ee"]', 'main'),
	('01a223d7-02a2-7286-96b3-af056abd8caa', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'fill-range', 3, 60, '[10, 10, 10]', '01a223d7-026c-726d-aea3-4c0e6b4126db', '2026-11-11 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 10, "kind": "reps"}', NULL, '["01a223d6-e768-70b1-8114-27fca70ed1cb"]', 'main'),
	('01a223d7-03b7-75ef-8586-985a2b4dae3e', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'fill-range', 3, 60, '[14, 13, 13]', '01a223d7-0395-700e-b638-37d6b467deb1', '2026-11-15 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 10, "kind": "reps"}', NULL, '["01a223d6-e768-70b1-8114-27fca70ed1cb"]', 'main'),
	('01a223d7-0530-729b-95e4-3fe3edfc1829', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'fill-range', 3, 60, '[16, 15, 15]', '01a223d7-04e8-72c8-abd0-b3f4bba3cc6a', '2026-11-18 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 10, "kind": "reps"}', NULL, '["01a223d6-e768-70b1-8114-27fca70ed1cb"]', 'main'),
	('01a223d7-07f9-705b-874d-f381468a29b3', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'fill-range', 3, 60, '[10, 10, 10]', '01a223d7-0779-751c-bf22-57705fd16495', '2026-11-22 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 10, "kind": "reps"}', NULL, '["01a223d6-e834-763f-93bd-186c9b8b5baa"]', 'main'),
	('01a223d7-0928-736f-a870-f1f9e0ee1c28', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', 'fill-range', 3, 60, '[12, 11, 11]', '01a223d7-08dc-748f-8039-a2a54fa9d34e', '2026-11-25 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 10, "kind": "reps"}', NULL, '["01a223d6-e834-763f-93bd-186c9b8b5baa"]', 'main'),
	('01a223d7-0b7d-72aa-bd52-bdf17d5dc5be', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'fill-range', 3, 90, '[8, 8, 8]', NULL, '2026-10-17 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 8, "kind": "reps"}', NULL, '["01a223d7-092d-70e8-a3e9-12d5a25254bf"]', 'main'),
	('01a223d7-0c7b-749b-a1da-b7e139998d48', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'fill-range', 3, 90, '[13, 12, 11]', '01a223d7-0c47-72ce-b383-1904930f97a4', '2026-10-17 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 8, "kind": "reps"}', NULL, '["01a223d7-092d-70e8-a3e9-12d5a25254bf"]', 'main'),
	('01a223d7-0d8e-720d-be4f-dc1f78a228eb', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'fill-range', 3, 90, '[15, 14, 13]', '01a223d7-0d35-7404-ada9-7809ded2c17a', '2026-10-20 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 8, "kind": "reps"}', NULL, '["01a223d7-092d-70e8-a3e9-12d5a25254bf"]', 'main'),
	('01a223d7-0ee1-75ee-b452-6060dfb4cade', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'fill-range', 3, 90, '[17, 16, 16]', '01a223d7-0eb2-753f-81be-c434cf58b6bb', '2026-10-24 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 8, "kind": "reps"}', NULL, '["01a223d7-092d-70e8-a3e9-12d5a25254bf"]', 'main'),
	('01a223d7-0fb6-737e-b364-4f00517a0fb2', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'fill-range', 3, 90, '[8, 8, 8]', '01a223d7-0f86-733a-9095-452725b9a628', '2026-10-27 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 8, "kind": "reps"}', NULL, '["01a223d7-094a-75a5-af45-6d1a833bc84a"]', 'main'),
	('01a223d7-10f0-77ea-b3d9-a51f669e8442', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'fill-range', 3, 90, '[14, 13, 12]', '01a223d7-10b4-71c9-85f3-83057292a803', '2026-10-31 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 8, "kind": "reps"}', NULL, '["01a223d7-094a-75a5-af45-6d1a833bc84a"]', 'main'),
	('01a223d7-1186-713a-b01a-64e5cc2bb240', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'fill-range', 3, 90, '[16, 15, 15]', '01a223d7-116f-7356-a88e-809ba67a6d33', '2026-11-03 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 8, "kind": "reps"}', NULL, '["01a223d7-094a-75a5-af45-6d1a833bc84a"]', 'main'),
	('01a223d7-120f-73fa-aa0c-338dd209813f', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'fill-range', 3, 90, '[8, 8, 8]', '01a223d7-11ed-712e-ad68-7e43fed31e47', '2026-11-07 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 8, "kind": "reps"}', NULL, '["01a223d7-0978-7770-859a-4bf8dc2ceaae"]', 'main'),
	('01a223d7-12b2-7397-b77d-c80d01f871dc', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'fill-range', 3, 90, '[13, 12, 10]', '01a223d7-1294-729a-9847-6ad35e07958f', '2026-11-10 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 8, "kind": "reps"}', NULL, '["01a223d7-0978-7770-859a-4bf8dc2ceaae"]', 'main'),
	('01a223d7-1365-749f-9747-3fca3967c9d0', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'fill-range', 3, 90, '[13, 12, 10]', '01a223d7-1348-706f-b3bf-bc7c8355f2f2', '2026-11-14 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 8, "kind": "reps"}', NULL, '["01a223d7-0978-7770-859a-4bf8dc2ceaae"]', 'main'),
	('01a223d7-1406-762a-9d75-6cfd9f80b242', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'fill-range', 3, 90, '[15, 14, 13]', '01a223d7-13c8-7695-85b1-49bf2fc99a44', '2026-11-17 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 8, "kind": "reps"}', NULL, '["01a223d7-0978-7770-859a-4bf8dc2ceaae"]', 'main'),
	('01a223d7-1564-77b6-8811-3a3de0208fae', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'fill-range', 3, 90, '[15, 15, 15]', '01a223d7-152e-74a9-b7a3-5148351d3a33', '2026-11-21 16:12:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 8, "kind": "reps"}', NULL, '["01a223d7-0978-7770-859a-4bf8dc2ceaae"]', 'main'),
	('fb50bba4-9634-4964-b4b1-a417043a1e5a', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', 'fill-range', 3, 90, '[8, 8, 8]', NULL, '2026-11-28 20:27:39.338+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '{"to": 15, "from": 8, "kind": "reps"}', NULL, '["4eca6407-8694-48d0-82bc-eeb12e3e4c21"]', 'main');
INSERT INTO public.setup VALUES
	('01a223d6-e610-7083-ac2d-17a5221745ee', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', false),
	('01a223d6-e768-70b1-8114-27fca70ed1cb', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', false),
	('01a223d6-e834-763f-93bd-186c9b8b5baa', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', false),
	('01a223d6-ea71-700c-bcec-341396115af7', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', false),
	('01a223d6-ec64-778b-889f-e14f31d9cdbb', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cee8-72ca-a759-f6e66c65244e', 'standing-row', false),
	('01a223d7-092d-70e8-a3e9-12d5a25254bf', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', false),
	('01a223d7-094a-75a5-af45-6d1a833bc84a', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', false),
	('01a223d7-0978-7770-859a-4bf8dc2ceaae', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', false),
	('01a223d7-0995-77cc-83b0-192f42661fe5', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', false),
	('01a223d7-0a83-72be-96d6-700dd4d50e04', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', false),
	('4eca6407-8694-48d0-82bc-eeb12e3e4c21', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'standing-row', false);
INSERT INTO public.setup_version VALUES
	('01a223d6-e610-7083-ac2d-17a5221745ee', 1, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf37-776c-bf15-fdeaf62d64ba', '01a223d6-cf39-7048-b112-2fe0173e0808', 'Reed at 1.60 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "law": {"c1_N": 15.279179196565906, "c2_N": 11.216253297870821, "c3_N": 0}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.6, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 49.68478031752823, "mean": 30.518069023782424, "peak": 49.68478031752823, "unit": "N", "model": 2, "start": 13.780541227411135, "mostly": "placing", "meanStd": 2.712850281140371, "peakStretch": 1.5304684559818733}', '[{"rule": "door-side", "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', false, '2026-10-18 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', NULL),
	('01a223d6-e610-7083-ac2d-17a5221745ee', 2, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf37-776c-bf15-fdeaf62d64ba', '01a223d6-cf39-7048-b112-2fe0173e0808', 'Reed at 1.60 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "law": {"c1_N": 15.279179196565906, "c2_N": 11.216253297870821, "c3_N": 0}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.6, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 49.68478031752823, "mean": 30.518069023782424, "peak": 49.68478031752823, "unit": "N", "model": 2, "start": 13.780541227411135, "mostly": "placing", "meanStd": 2.712850281140371, "peakStretch": 1.5304684559818733}', '[{"rule": "door-side", "seen": {"at": "2026-10-18T08:00:00.000Z", "by": "01a223d6-ce5e-76ba-a811-8b24deb5370b", "name": "Mika Ferrow"}, "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', true, '2026-10-18 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', NULL),
	('01a223d6-e768-70b1-8114-27fca70ed1cb', 1, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf37-776c-bf15-fdeaf62d64ba', '01a223d6-cf39-7048-b112-2fe0173e0808', 'Reed at 1.65 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "law": {"c1_N": 15.279179196565906, "c2_N": 11.216253297870821, "c3_N": 0}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.65, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 52.48228140505831, "mean": 34.60395555729291, "peak": 52.48228140505831, "unit": "N", "model": 2, "start": 19.192689323255845, "mostly": "placing", "meanStd": 2.5435645394836564, "peakStretch": 1.5783442806005314}', '[{"rule": "door-side", "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', false, '2026-10-18 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', NULL),
	('01a223d6-e768-70b1-8114-27fca70ed1cb', 2, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf37-776c-bf15-fdeaf62d64ba', '01a223d6-cf39-7048-b112-2fe0173e0808', 'Reed at 1.65 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "law": {"c1_N": 15.279179196565906, "c2_N": 11.216253297870821, "c3_N": 0}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.65, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 52.48228140505831, "mean": 34.60395555729291, "peak": 52.48228140505831, "unit": "N", "model": 2, "start": 19.192689323255845, "mostly": "placing", "meanStd": 2.5435645394836564, "peakStretch": 1.5783442806005314}', '[{"rule": "door-side", "seen": {"at": "2026-10-18T08:00:00.000Z", "by": "01a223d6-ce5e-76ba-a811-8b24deb5370b", "name": "Mika Ferrow"}, "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', true, '2026-10-18 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', NULL),
	('01a223d6-e834-763f-93bd-186c9b8b5baa', 1, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf37-776c-bf15-fdeaf62d64ba', '01a223d6-cf39-7048-b112-2fe0173e0808', 'Reed at 1.70 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "law": {"c1_N": 15.279179196565906, "c2_N": 11.216253297870821, "c3_N": 0}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.7, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 55.15010809421003, "mean": 38.37548628131116, "peak": 55.15010809421003, "unit": "N", "model": 2, "start": 24.091167718514377, "mostly": "placing", "meanStd": 2.4073129043237724, "peakStretch": 1.6262329950014287}', '[{"rule": "door-side", "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', false, '2026-10-18 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', NULL),
	('01a223d6-e834-763f-93bd-186c9b8b5baa', 2, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf37-776c-bf15-fdeaf62d64ba', '01a223d6-cf39-7048-b112-2fe0173e0808', 'Reed at 1.70 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "law": {"c1_N": 15.279179196565906, "c2_N": 11.216253297870821, "c3_N": 0}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.7, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 55.15010809421003, "mean": 38.37548628131116, "peak": 55.15010809421003, "unit": "N", "model": 2, "start": 24.091167718514377, "mostly": "placing", "meanStd": 2.4073129043237724, "peakStretch": 1.6262329950014287}', '[{"rule": "door-side", "seen": {"at": "2026-10-18T08:00:00.000Z", "by": "01a223d6-ce5e-76ba-a811-8b24deb5370b", "name": "Mika Ferrow"}, "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', true, '2026-10-18 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', NULL),
	('01a223d6-ea71-700c-bcec-341396115af7', 1, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf37-776c-bf15-fdeaf62d64ba', '01a223d6-cf39-7048-b112-2fe0173e0808', 'Reed at 1.75 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "law": {"c1_N": 15.279179196565906, "c2_N": 11.216253297870821, "c3_N": 0}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.75, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 57.704347311045794, "mean": 41.88027641244023, "peak": 57.704347311045794, "unit": "N", "model": 2, "start": 28.558650493480222, "mostly": "placing", "meanStd": 2.2975900711930035, "peakStretch": 1.6741334005170592}', '[{"rule": "door-side", "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', false, '2026-10-18 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', NULL),
	('01a223d6-ea71-700c-bcec-341396115af7', 2, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf37-776c-bf15-fdeaf62d64ba', '01a223d6-cf39-7048-b112-2fe0173e0808', 'Reed at 1.75 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "law": {"c1_N": 15.279179196565906, "c2_N": 11.216253297870821, "c3_N": 0}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.75, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 57.704347311045794, "mean": 41.88027641244023, "peak": 57.704347311045794, "unit": "N", "model": 2, "start": 28.558650493480222, "mostly": "placing", "meanStd": 2.2975900711930035, "peakStretch": 1.6741334005170592}', '[{"rule": "door-side", "seen": {"at": "2026-10-18T08:00:00.000Z", "by": "01a223d6-ce5e-76ba-a811-8b24deb5370b", "name": "Mika Ferrow"}, "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', true, '2026-10-18 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', NULL),
	('01a223d6-ec64-778b-889f-e14f31d9cdbb', 1, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf37-776c-bf15-fdeaf62d64ba', '01a223d6-cf39-7048-b112-2fe0173e0808', 'Reed at 1.80 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "law": {"c1_N": 15.279179196565906, "c2_N": 11.216253297870821, "c3_N": 0}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.8, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 60.15869777783945, "mean": 45.157379360307736, "peak": 60.15869777783945, "unit": "N", "model": 2, "start": 32.66229105868513, "mostly": "placing", "meanStd": 2.209602746999158, "peakStretch": 1.72204444239326}', '[{"rule": "door-side", "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', false, '2026-10-18 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', NULL),
	('01a223d6-ec64-778b-889f-e14f31d9cdbb', 2, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf37-776c-bf15-fdeaf62d64ba', '01a223d6-cf39-7048-b112-2fe0173e0808', 'Reed at 1.80 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-db1e-710c-8892-f61e9d5eebf0", "law": {"c1_N": 15.279179196565906, "c2_N": 11.216253297870821, "c3_N": 0}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.8, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 60.15869777783945, "mean": 45.157379360307736, "peak": 60.15869777783945, "unit": "N", "model": 2, "start": 32.66229105868513, "mostly": "placing", "meanStd": 2.209602746999158, "peakStretch": 1.72204444239326}', '[{"rule": "door-side", "seen": {"at": "2026-10-18T08:00:00.000Z", "by": "01a223d6-ce5e-76ba-a811-8b24deb5370b", "name": "Mika Ferrow"}, "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', true, '2026-10-18 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', NULL),
	('01a223d7-092d-70e8-a3e9-12d5a25254bf', 1, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf2a-774e-86c1-b2b10ae20bf8', '01a223d6-cf2d-75df-8ecb-ce42ad27067c', 'Willow at 1.80 m', 'end-held', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "law": {"c1_N": 21.371633552918638, "c2_N": 16.33247844813718, "c3_N": 0.29129376811800967}, "kind": "loop", "loss": 0.13186999738043492, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.8, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 86.06185108329299, "mean": 62.2282654999212, "peak": 86.06185108329299, "unit": "N", "model": 2, "start": 41.42235827936366, "mostly": "placing", "meanStd": 3.245843938755927, "peakStretch": 1.722412231559647}', '[]', true, '2026-10-17 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', NULL),
	('01a223d7-094a-75a5-af45-6d1a833bc84a', 1, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf2a-774e-86c1-b2b10ae20bf8', '01a223d6-cf2d-75df-8ecb-ce42ad27067c', 'Willow at 1.90 m', 'end-held', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "law": {"c1_N": 21.371633552918638, "c2_N": 16.33247844813718, "c3_N": 0.29129376811800967}, "kind": "loop", "loss": 0.13186999738043492, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.9, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 92.93533608585689, "mean": 71.11961143856183, "peak": 92.93533608585689, "unit": "N", "model": 2, "start": 52.59622981437592, "mostly": "placing", "meanStd": 3.0792772523779255, "peakStretch": 1.8181775143027263}', '[]', true, '2026-10-17 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', NULL),
	('01a223d7-0978-7770-859a-4bf8dc2ceaae', 1, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf2a-774e-86c1-b2b10ae20bf8', '01a223d6-cf2d-75df-8ecb-ce42ad27067c', 'Willow at 2.00 m', 'end-held', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "law": {"c1_N": 21.371633552918638, "c2_N": 16.33247844813718, "c3_N": 0.29129376811800967}, "kind": "loop", "loss": 0.13186999738043492, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [2, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 99.47399444183033, "mean": 79.15848102765491, "peak": 99.47399444183033, "unit": "N", "model": 2, "start": 62.31333598367095, "mostly": "placing", "meanStd": 3.0087446906599897, "peakStretch": 1.9139848161831883}', '[]', true, '2026-10-17 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', NULL),
	('01a223d7-0995-77cc-83b0-192f42661fe5', 1, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf2a-774e-86c1-b2b10ae20bf8', '01a223d6-cf2d-75df-8ecb-ce42ad27067c', 'Heron at 2.00 m', 'end-held', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-d36f-71ae-8b14-fb99b7aa7d0e", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-d36f-71ae-8b14-fb99b7aa7d0e", "law": {"c1_N": 26.56974385722924, "c2_N": 16.73603561089135, "c3_N": 0}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [2, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 115.543448475945, "mean": 92.07738898998947, "peak": 115.543448475945, "unit": "N", "model": 2, "start": 72.44807172626707, "mostly": "placing", "meanStd": 3.4694455031728224, "peakStretch": 1.9139848161831883}', '[]', true, '2026-10-17 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', NULL),
	('01a223d7-0a83-72be-96d6-700dd4d50e04', 1, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf2a-774e-86c1-b2b10ae20bf8', '01a223d6-cf2d-75df-8ecb-ce42ad27067c', 'Heron at 2.20 m', 'end-held', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-d36f-71ae-8b14-fb99b7aa7d0e", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-d36f-71ae-8b14-fb99b7aa7d0e", "law": {"c1_N": 26.56974385722924, "c2_N": 16.73603561089135, "c3_N": 0}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [2.2, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 129.4725517831026, "mean": 108.64667249433428, "peak": 129.4725517831026, "unit": "N", "model": 2, "start": 91.76956837813327, "mostly": "law", "meanStd": 3.5057276510311133, "peakStretch": 2.105700908522896}', '[]', true, '2026-10-17 08:00:00+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', NULL),
	('4eca6407-8694-48d0-82bc-eeb12e3e4c21', 1, '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cf2a-774e-86c1-b2b10ae20bf8', '01a223d6-cf2d-75df-8ecb-ce42ad27067c', 'Far out', 'end-held', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "hitch_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "law": {"c1_N": 21.371633552918638, "c2_N": 16.33247844813718, "c3_N": 0.29129376811800967}, "kind": "loop", "loss": 0.13186999738043492, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [2.5, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "course": "rises", "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "widths": {"grip": 0.16, "stance": 0.16}, "posture": "standing", "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 129.48568472007267, "mean": 112.55722716273594, "peak": 129.48568472007267, "unit": "N", "model": 2, "start": 99.50834989156812, "mostly": "law", "meanStd": 3.2787725832854364, "peakStretch": 2.3934640231356683}', '[{"rule": "stretch-high", "seen": {"at": "2026-11-28T20:27:39.254Z", "by": "01a223d6-ce5e-76ba-a811-8b24deb5370b", "name": "Mika Ferrow"}, "text": "Willow reaches ×2.39 of its ×2.50. Bands fail without notice up here: shorten the reach.", "level": "warn", "figures": {"band": "01a223d6-e41e-77dd-ab42-9ac0dcd4d4bf", "limit": 2.5, "stretch": 2.3934640231356683}}]', true, '2026-11-28 20:27:39.254+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b', NULL);
INSERT INTO public.sign_in VALUES
	('095e84e15f6ef757808c79160321a951062a2f56660c449d7bb856fb10994a50', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '2026-12-28 20:27:38.763+00'),
	('f28e5c502464183b54abdda44e1bc82ad521660c51108dc5d1a322e423faef2f', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-ce5e-76ba-a811-8b24deb5370b', '2026-12-28 20:27:51.074+00');
INSERT INTO public.skill_test VALUES
	('36dee267-f84f-4c2e-8546-058416a3e816', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-cee8-72ca-a759-f6e66c65244e', 'pull-up', NULL, '2026-11-28', '{"kind": "reps", "reps": 2, "spare": 0}', NULL, 400, 0, '2026-11-28 20:27:39.712+00', '01a223d6-ce5e-76ba-a811-8b24deb5370b');
INSERT INTO public.studio VALUES
	('01a223d6-ce1b-7708-bcd8-8ab24634d686', 'Towpath Training', 'Europe/Amsterdam', 'N', 30, 1500, 1, false);
INSERT INTO public.trainer VALUES
	('01a223d6-ce5e-76ba-a811-8b24deb5370b', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 'mika@canalside.example', 'Mika Ferrow', '$argon2id$v=19$m=19456,t=2,p=1$oPLvGlI5lO38iSnyReAKqg$Daogsqdxb9tWFmRmGPWntZgjT6E7FtD4Q4WWn8AagNA', NULL);
INSERT INTO public.training_session VALUES
	('01a223d6-efb8-7195-a01b-369f9c7ff823', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cee8-72ca-a759-f6e66c65244e', '01a223d6-ef5a-72fd-bd05-e1539c415954', 'standing-row', '2026-10-18 16:00:00+00', '2026-10-18', '2026-10-18 16:12:00+00', false, NULL, '[{"id": "01a223d6-e610-7083-ac2d-17a5221745ee", "version": 2}]'),
	('01a223d6-f162-7366-90e0-b2f1af42322d', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cee8-72ca-a759-f6e66c65244e', '01a223d6-f14f-7579-922a-e07b8ed83622', 'standing-row', '2026-10-21 16:00:00+00', '2026-10-21', '2026-10-21 16:12:00+00', false, NULL, '[{"id": "01a223d6-e610-7083-ac2d-17a5221745ee", "version": 2}]'),
	('01a223d6-f4f7-7760-8c4c-d7cc59006b7a', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cee8-72ca-a759-f6e66c65244e', '01a223d6-f4f0-7029-9879-bcc192f25c89', 'standing-row', '2026-10-25 16:00:00+00', '2026-10-25', '2026-10-25 16:12:00+00', false, NULL, '[{"id": "01a223d6-e610-7083-ac2d-17a5221745ee", "version": 2}]'),
	('01a223d6-f76e-752f-a0e9-693db7156cdf', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cee8-72ca-a759-f6e66c65244e', '01a223d6-f6fc-715e-9b2e-f222c3d7b26c', 'standing-row', '2026-10-28 16:00:00+00', '2026-10-28', '2026-10-28 16:12:00+00', false, NULL, '[{"id": "01a223d6-e768-70b1-8114-27fca70ed1cb", "version": 2}]'),
	('01a223d6-fa7c-704a-9866-60fb805588b8', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cee8-72ca-a759-f6e66c65244e', '01a223d6-fa76-707e-b336-918e41f2ff27', 'standing-row', '2026-11-01 16:00:00+00', '2026-11-01', '2026-11-01 16:12:00+00', false, NULL, '[{"id": "01a223d6-e768-70b1-8114-27fca70ed1cb", "version": 2}]'),
	('01a223d6-fc46-7789-95cc-92622e03b7b3', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cee8-72ca-a759-f6e66c65244e', '01a223d6-fc3a-715a-895e-cb92d75111e3', 'standing-row', '2026-11-04 16:00:00+00', '2026-11-04', '2026-11-04 16:12:00+00', false, NULL, '[{"id": "01a223d6-e610-7083-ac2d-17a5221745ee", "version": 2}]'),
	('01a223d6-fdb7-73e9-8b40-a6af355bc8f7', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cee8-72ca-a759-f6e66c65244e', '01a223d6-fdb2-747e-afd5-7cfe117c4734', 'standing-row', '2026-11-08 16:00:00+00', '2026-11-08', '2026-11-08 16:12:00+00', false, NULL, '[{"id": "01a223d6-e610-7083-ac2d-17a5221745ee", "version": 2}]'),
	('01a223d7-009b-71bd-b077-398275065e00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cee8-72ca-a759-f6e66c65244e', '01a223d7-0062-742d-b4f6-d0dc5b380538', 'standing-row', '2026-11-11 16:00:00+00', '2026-11-11', '2026-11-11 16:12:00+00', false, NULL, '[{"id": "01a223d6-e610-7083-ac2d-17a5221745ee", "version": 2}]'),
	('01a223d7-02ab-768f-abad-c702aa8892a5', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cee8-72ca-a759-f6e66c65244e', '01a223d7-02a2-7286-96b3-af056abd8caa', 'standing-row', '2026-11-15 16:00:00+00', '2026-11-15', '2026-11-15 16:12:00+00', false, NULL, '[{"id": "01a223d6-e768-70b1-8114-27fca70ed1cb", "version": 2}]'),
	('01a223d7-03c3-70eb-a7c9-c36eaa570d8a', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cee8-72ca-a759-f6e66c65244e', '01a223d7-03b7-75ef-8586-985a2b4dae3e', 'standing-row', '2026-11-18 16:00:00+00', '2026-11-18', '2026-11-18 16:12:00+00', false, NULL, '[{"id": "01a223d6-e768-70b1-8114-27fca70ed1cb", "version": 2}]'),
	('01a223d7-0536-754f-9275-fc806cadeb67', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cee8-72ca-a759-f6e66c65244e', '01a223d7-0530-729b-95e4-3fe3edfc1829', 'standing-row', '2026-11-22 16:00:00+00', '2026-11-22', '2026-11-22 16:12:00+00', false, NULL, '[{"id": "01a223d6-e768-70b1-8114-27fca70ed1cb", "version": 2}]'),
	('01a223d7-0801-7545-98f3-1eb11cb99b63', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cee8-72ca-a759-f6e66c65244e', '01a223d7-07f9-705b-874d-f381468a29b3', 'standing-row', '2026-11-25 16:00:00+00', '2026-11-25', '2026-11-25 16:12:00+00', false, NULL, '[{"id": "01a223d6-e834-763f-93bd-186c9b8b5baa", "version": 2}]'),
	('01a223d7-0b93-7608-b031-eab6c37d41ea', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cef4-70bd-a2fe-5bdd42860612', '01a223d7-0b7d-72aa-bd52-bdf17d5dc5be', 'standing-row', '2026-10-17 16:00:00+00', '2026-10-17', '2026-10-17 16:12:00+00', false, NULL, '[{"id": "01a223d7-092d-70e8-a3e9-12d5a25254bf", "version": 1}]'),
	('01a223d7-0c82-7255-a0b7-78bc9af4bf75', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cef4-70bd-a2fe-5bdd42860612', '01a223d7-0c7b-749b-a1da-b7e139998d48', 'standing-row', '2026-10-20 16:00:00+00', '2026-10-20', '2026-10-20 16:12:00+00', false, NULL, '[{"id": "01a223d7-092d-70e8-a3e9-12d5a25254bf", "version": 1}]'),
	('01a223d7-0d9c-703e-a713-7db6c97f5932', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cef4-70bd-a2fe-5bdd42860612', '01a223d7-0d8e-720d-be4f-dc1f78a228eb', 'standing-row', '2026-10-24 16:00:00+00', '2026-10-24', '2026-10-24 16:12:00+00', false, NULL, '[{"id": "01a223d7-092d-70e8-a3e9-12d5a25254bf", "version": 1}]'),
	('01a223d7-0ee9-723c-bd15-22c0356d3393', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cef4-70bd-a2fe-5bdd42860612', '01a223d7-0ee1-75ee-b452-6060dfb4cade', 'standing-row', '2026-10-27 16:00:00+00', '2026-10-27', '2026-10-27 16:12:00+00', false, NULL, '[{"id": "01a223d7-092d-70e8-a3e9-12d5a25254bf", "version": 1}]'),
	('01a223d7-0fbc-77fb-8a6c-a3a979bac049', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cef4-70bd-a2fe-5bdd42860612', '01a223d7-0fb6-737e-b364-4f00517a0fb2', 'standing-row', '2026-10-31 16:00:00+00', '2026-10-31', '2026-10-31 16:12:00+00', false, NULL, '[{"id": "01a223d7-094a-75a5-af45-6d1a833bc84a", "version": 1}]'),
	('01a223d7-10f8-75d2-9be9-0010953fdc70', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cef4-70bd-a2fe-5bdd42860612', '01a223d7-10f0-77ea-b3d9-a51f669e8442', 'standing-row', '2026-11-03 16:00:00+00', '2026-11-03', '2026-11-03 16:12:00+00', false, NULL, '[{"id": "01a223d7-094a-75a5-af45-6d1a833bc84a", "version": 1}]'),
	('01a223d7-118e-7058-b7ee-e56ad12166f8', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cef4-70bd-a2fe-5bdd42860612', '01a223d7-1186-713a-b01a-64e5cc2bb240', 'standing-row', '2026-11-07 16:00:00+00', '2026-11-07', '2026-11-07 16:12:00+00', false, NULL, '[{"id": "01a223d7-094a-75a5-af45-6d1a833bc84a", "version": 1}]'),
	('01a223d7-1215-753c-95db-6c18bfce5334', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cef4-70bd-a2fe-5bdd42860612', '01a223d7-120f-73fa-aa0c-338dd209813f', 'standing-row', '2026-11-10 16:00:00+00', '2026-11-10', '2026-11-10 16:12:00+00', false, NULL, '[{"id": "01a223d7-0978-7770-859a-4bf8dc2ceaae", "version": 1}]'),
	('01a223d7-12b8-7579-8345-a38ef0868cf4', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cef4-70bd-a2fe-5bdd42860612', '01a223d7-12b2-7397-b77d-c80d01f871dc', 'standing-row', '2026-11-14 16:00:00+00', '2026-11-14', '2026-11-14 16:12:00+00', false, NULL, '[{"id": "01a223d7-0978-7770-859a-4bf8dc2ceaae", "version": 1}]'),
	('01a223d7-136b-7337-aa70-c75e7843ab33', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cef4-70bd-a2fe-5bdd42860612', '01a223d7-1365-749f-9747-3fca3967c9d0', 'standing-row', '2026-11-17 16:00:00+00', '2026-11-17', '2026-11-17 16:12:00+00', false, NULL, '[{"id": "01a223d7-0978-7770-859a-4bf8dc2ceaae", "version": 1}]'),
	('01a223d7-1428-704c-8bdc-b2aa24b55131', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cef4-70bd-a2fe-5bdd42860612', '01a223d7-1406-762a-9d75-6cfd9f80b242', 'standing-row', '2026-11-21 16:00:00+00', '2026-11-21', '2026-11-21 16:12:00+00', false, NULL, '[{"id": "01a223d7-0978-7770-859a-4bf8dc2ceaae", "version": 1}]'),
	('01a223d7-1571-73bf-99b5-e849c9ef42e6', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cef4-70bd-a2fe-5bdd42860612', '01a223d7-1564-77b6-8811-3a3de0208fae', 'standing-row', '2026-11-26 16:00:00+00', '2026-11-26', '2026-11-26 16:12:00+00', false, NULL, '[{"id": "01a223d7-0978-7770-859a-4bf8dc2ceaae", "version": 1}]'),
	('f5644bc7-ae83-4dbb-80a8-0321b7f25f6a', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 1, '01a223d6-cee8-72ca-a759-f6e66c65244e', '01a223d7-0928-736f-a870-f1f9e0ee1c28', 'standing-row', '2026-11-28 20:27:39.58+00', '2026-11-28', NULL, false, NULL, '[{"id": "01a223d6-e834-763f-93bd-186c9b8b5baa", "version": 2}]'),
	('634ce3b7-4a62-4b05-afdd-db814da4ea24', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 2, '01a223d6-cef4-70bd-a2fe-5bdd42860612', 'fb50bba4-9634-4964-b4b1-a417043a1e5a', 'standing-row', '2026-11-28 20:27:39.37+00', '2026-11-28', '2026-11-28 20:27:51.313+00', false, NULL, '[{"id": "4eca6407-8694-48d0-82bc-eeb12e3e4c21", "version": 1}]');
INSERT INTO public.training_set_2026_10 VALUES
	('01a223d6-f060-7281-aab2-f591bc893105', '2026-10-18 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-efb8-7195-a01b-369f9c7ff823', '01a223d6-f060-7281-aab2-f591bc893105', 0, 12, 0, 3, 'clean', 1, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d6-f0b4-7325-a8a1-62ea62d2ab82', '2026-10-18 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-efb8-7195-a01b-369f9c7ff823', '01a223d6-f0b4-7325-a8a1-62ea62d2ab82', 0, 12, 0, 3, 'clean', 1, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d6-f0f1-779c-aa23-fafdd14831bb', '2026-10-18 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-efb8-7195-a01b-369f9c7ff823', '01a223d6-f0f1-779c-aa23-fafdd14831bb', 0, 11, 0, 3, 'clean', 1, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d6-f2ed-737c-bc55-159e21b5a88a', '2026-10-21 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-f162-7366-90e0-b2f1af42322d', '01a223d6-f2ed-737c-bc55-159e21b5a88a', 0, 14, 0, 3, 'clean', 1, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d6-f315-704c-92ef-2ba0c146e43b', '2026-10-21 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-f162-7366-90e0-b2f1af42322d', '01a223d6-f315-704c-92ef-2ba0c146e43b', 0, 13, 0, 3, 'clean', 0, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d6-f33e-75ed-be37-911dc1793e52', '2026-10-21 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-f162-7366-90e0-b2f1af42322d', '01a223d6-f33e-75ed-be37-911dc1793e52', 0, 13, 0, 3, 'clean', 1, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d6-f588-738d-8c68-fc726499e6ea', '2026-10-25 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-f4f7-7760-8c4c-d7cc59006b7a', '01a223d6-f588-738d-8c68-fc726499e6ea', 0, 17, 0, 2, 'clean', 0, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d6-f601-73d2-bb40-dd1e1d521bab', '2026-10-25 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-f4f7-7760-8c4c-d7cc59006b7a', '01a223d6-f601-73d2-bb40-dd1e1d521bab', 0, 17, 0, 2, 'clean', 1, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d6-f627-719a-bc87-52406b46f103', '2026-10-25 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-f4f7-7760-8c4c-d7cc59006b7a', '01a223d6-f627-719a-bc87-52406b46f103', 0, 17, 0, 2, 'clean', 1, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d6-f845-7683-bbea-0ca8c36241d7', '2026-10-28 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-f76e-752f-a0e9-693db7156cdf', '01a223d6-f845-7683-bbea-0ca8c36241d7', 0, 12, 0, 2, 'clean', 1, false, NULL, '01a223d6-e768-70b1-8114-27fca70ed1cb', NULL),
	('01a223d6-f884-750c-a420-31f76a7fb25e', '2026-10-28 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-f76e-752f-a0e9-693db7156cdf', '01a223d6-f884-750c-a420-31f76a7fb25e', 0, 12, 0, 2, 'clean', 1, false, NULL, '01a223d6-e768-70b1-8114-27fca70ed1cb', NULL),
	('01a223d6-f96c-71ff-b869-3632e70e5ac2', '2026-10-28 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-f76e-752f-a0e9-693db7156cdf', '01a223d6-f96c-71ff-b869-3632e70e5ac2', 0, 10, 0, 2, 'clean', 1, false, NULL, '01a223d6-e768-70b1-8114-27fca70ed1cb', NULL),
	('01a223d7-0be2-718e-a73d-baccd91b6b64', '2026-10-17 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0b93-7608-b031-eab6c37d41ea', '01a223d7-0be2-718e-a73d-baccd91b6b64', 0, 12, 0, 2, 'clean', 0, false, NULL, '01a223d7-092d-70e8-a3e9-12d5a25254bf', NULL),
	('01a223d7-0bf8-74fb-9cc9-de73aa55bbb8', '2026-10-17 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0b93-7608-b031-eab6c37d41ea', '01a223d7-0bf8-74fb-9cc9-de73aa55bbb8', 0, 11, 0, 2, 'clean', 0, false, NULL, '01a223d7-092d-70e8-a3e9-12d5a25254bf', NULL),
	('01a223d7-0c0d-7548-af3a-c5dde3772e76', '2026-10-17 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0b93-7608-b031-eab6c37d41ea', '01a223d7-0c0d-7548-af3a-c5dde3772e76', 0, 10, 0, 2, 'clean', 0, false, NULL, '01a223d7-092d-70e8-a3e9-12d5a25254bf', NULL),
	('01a223d7-0cc5-7735-9a73-e80beee7776a', '2026-10-20 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0c82-7255-a0b7-78bc9af4bf75', '01a223d7-0cc5-7735-9a73-e80beee7776a', 0, 14, 0, 2, 'clean', 0, false, NULL, '01a223d7-092d-70e8-a3e9-12d5a25254bf', NULL),
	('01a223d7-0ce1-735c-be5b-2fc6d6628833', '2026-10-20 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0c82-7255-a0b7-78bc9af4bf75', '01a223d7-0ce1-735c-be5b-2fc6d6628833', 0, 13, 0, 2, 'clean', 0, false, NULL, '01a223d7-092d-70e8-a3e9-12d5a25254bf', NULL),
	('01a223d7-0cf3-767e-ad7a-62f48afdca21', '2026-10-20 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0c82-7255-a0b7-78bc9af4bf75', '01a223d7-0cf3-767e-ad7a-62f48afdca21', 0, 12, 0, 2, 'clean', 0, false, NULL, '01a223d7-092d-70e8-a3e9-12d5a25254bf', NULL),
	('01a223d7-0dc0-7575-b11c-784adc7c6e9c', '2026-10-24 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0d9c-703e-a713-7db6c97f5932', '01a223d7-0dc0-7575-b11c-784adc7c6e9c', 0, 16, 0, 2, 'clean', 0, false, NULL, '01a223d7-092d-70e8-a3e9-12d5a25254bf', NULL),
	('01a223d7-0df1-71c5-b56b-7678d31a3c70', '2026-10-24 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0d9c-703e-a713-7db6c97f5932', '01a223d7-0df1-71c5-b56b-7678d31a3c70', 0, 15, 0, 2, 'clean', 0, false, NULL, '01a223d7-092d-70e8-a3e9-12d5a25254bf', NULL),
	('01a223d7-0e07-7413-a25e-8dff9cf1c43d', '2026-10-24 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0d9c-703e-a713-7db6c97f5932', '01a223d7-0e07-7413-a25e-8dff9cf1c43d', 0, 15, 0, 2, 'clean', 0, false, NULL, '01a223d7-092d-70e8-a3e9-12d5a25254bf', NULL),
	('01a223d7-0f1c-71e1-a6ee-7e8ffcdbe816', '2026-10-27 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0ee9-723c-bd15-22c0356d3393', '01a223d7-0f1c-71e1-a6ee-7e8ffcdbe816', 0, 17, 0, 1, 'clean', 0, false, NULL, '01a223d7-092d-70e8-a3e9-12d5a25254bf', NULL),
	('01a223d7-0f36-7396-9dc5-bd3be33627c4', '2026-10-27 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0ee9-723c-bd15-22c0356d3393', '01a223d7-0f36-7396-9dc5-bd3be33627c4', 0, 17, 0, 1, 'clean', 0, false, NULL, '01a223d7-092d-70e8-a3e9-12d5a25254bf', NULL),
	('01a223d7-0f5a-71b1-bce1-2329acc2b243', '2026-10-27 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0ee9-723c-bd15-22c0356d3393', '01a223d7-0f5a-71b1-bce1-2329acc2b243', 0, 17, 0, 1, 'clean', 0, false, NULL, '01a223d7-092d-70e8-a3e9-12d5a25254bf', NULL),
	('01a223d7-0fe0-765d-beb9-5808edc8c2ba', '2026-10-31 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0fbc-77fb-8a6c-a3a979bac049', '01a223d7-0fe0-765d-beb9-5808edc8c2ba', 0, 13, 0, 2, 'clean', 0, false, NULL, '01a223d7-094a-75a5-af45-6d1a833bc84a', NULL),
	('01a223d7-1017-70d7-8c13-2bd06cf25210', '2026-10-31 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0fbc-77fb-8a6c-a3a979bac049', '01a223d7-1017-70d7-8c13-2bd06cf25210', 0, 12, 0, 2, 'clean', 0, false, NULL, '01a223d7-094a-75a5-af45-6d1a833bc84a', NULL),
	('01a223d7-1060-73ae-8302-4e871319280f', '2026-10-31 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0fbc-77fb-8a6c-a3a979bac049', '01a223d7-1060-73ae-8302-4e871319280f', 0, 11, 0, 2, 'clean', 0, false, NULL, '01a223d7-094a-75a5-af45-6d1a833bc84a', NULL);
INSERT INTO public.training_set_2026_11 VALUES
	('01a223d6-fab0-749d-ab62-a7504b963f22', '2026-11-01 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-fa7c-704a-9866-60fb805588b8', '01a223d6-fab0-749d-ab62-a7504b963f22', 0, 14, 0, 2, 'clean', 1, false, NULL, '01a223d6-e768-70b1-8114-27fca70ed1cb', NULL),
	('01a223d6-fae2-712a-8056-6b516cf441a0', '2026-11-01 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-fa7c-704a-9866-60fb805588b8', '01a223d6-fae2-712a-8056-6b516cf441a0', 0, 12, 0, 2, 'clean', 2, false, NULL, '01a223d6-e768-70b1-8114-27fca70ed1cb', NULL),
	('01a223d6-faf7-725d-a41e-1802e04bad72', '2026-11-01 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-fa7c-704a-9866-60fb805588b8', '01a223d6-faf7-725d-a41e-1802e04bad72', 0, 12, 0, 2, 'clean', 3, false, NULL, '01a223d6-e768-70b1-8114-27fca70ed1cb', NULL),
	('01a223d6-fc9a-7397-a70c-086e2ea58314', '2026-11-04 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-fc46-7789-95cc-92622e03b7b3', '01a223d6-fc9a-7397-a70c-086e2ea58314', 0, 13, 0, 3, 'clean', 1, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d6-fccb-705b-8b69-26b55a87e2a5', '2026-11-04 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-fc46-7789-95cc-92622e03b7b3', '01a223d6-fccb-705b-8b69-26b55a87e2a5', 0, 13, 0, 3, 'clean', 1, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d6-fce3-755a-9f5d-0e957f62cbf8', '2026-11-04 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-fc46-7789-95cc-92622e03b7b3', '01a223d6-fce3-755a-9f5d-0e957f62cbf8', 0, 13, 0, 3, 'clean', 1, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d6-fe14-729d-b470-6f4d56c2eba6', '2026-11-08 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-fdb7-73e9-8b40-a6af355bc8f7', '01a223d6-fe14-729d-b470-6f4d56c2eba6', 0, 15, 0, 3, 'clean', 0, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d6-fe7c-75ce-91cb-5f837f342a6d', '2026-11-08 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-fdb7-73e9-8b40-a6af355bc8f7', '01a223d6-fe7c-75ce-91cb-5f837f342a6d', 0, 15, 0, 3, 'clean', 0, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d6-feff-7215-b32a-9a84ed0ad6ea', '2026-11-08 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d6-fdb7-73e9-8b40-a6af355bc8f7', '01a223d6-feff-7215-b32a-9a84ed0ad6ea', 0, 15, 0, 3, 'clean', 1, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d7-012d-7348-a090-58c50828723a', '2026-11-11 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-009b-71bd-b077-398275065e00', '01a223d7-012d-7348-a090-58c50828723a', 0, 17, 0, 2, 'clean', 0, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d7-0167-718f-b354-d33312816605', '2026-11-11 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-009b-71bd-b077-398275065e00', '01a223d7-0167-718f-b354-d33312816605', 0, 17, 0, 2, 'clean', 0, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d7-01c0-756b-b2b1-2f3b2950b1a8', '2026-11-11 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-009b-71bd-b077-398275065e00', '01a223d7-01c0-756b-b2b1-2f3b2950b1a8', 0, 17, 0, 2, 'clean', 0, false, NULL, '01a223d6-e610-7083-ac2d-17a5221745ee', NULL),
	('01a223d7-02fd-76fe-9b6b-829447698207', '2026-11-15 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-02ab-768f-abad-c702aa8892a5', '01a223d7-02fd-76fe-9b6b-829447698207', 0, 13, 0, 2, 'clean', 0, false, NULL, '01a223d6-e768-70b1-8114-27fca70ed1cb', NULL),
	('01a223d7-0333-76c7-a2ee-ad5780c49b89', '2026-11-15 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-02ab-768f-abad-c702aa8892a5', '01a223d7-0333-76c7-a2ee-ad5780c49b89', 0, 12, 0, 2, 'clean', 1, false, NULL, '01a223d6-e768-70b1-8114-27fca70ed1cb', NULL),
	('01a223d7-034a-7445-82c8-daea3e719258', '2026-11-15 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-02ab-768f-abad-c702aa8892a5', '01a223d7-034a-7445-82c8-daea3e719258', 0, 12, 0, 2, 'clean', 1, false, NULL, '01a223d6-e768-70b1-8114-27fca70ed1cb', NULL),
	('01a223d7-03fc-7692-9435-9b5126372a47', '2026-11-18 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-03c3-70eb-a7c9-c36eaa570d8a', '01a223d7-03fc-7692-9435-9b5126372a47', 0, 15, 0, 2, 'clean', 0, false, NULL, '01a223d6-e768-70b1-8114-27fca70ed1cb', NULL),
	('01a223d7-0418-737b-9079-fe8e3a30912b', '2026-11-18 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-03c3-70eb-a7c9-c36eaa570d8a', '01a223d7-0418-737b-9079-fe8e3a30912b', 0, 14, 0, 2, 'clean', 0, false, NULL, '01a223d6-e768-70b1-8114-27fca70ed1cb', NULL),
	('01a223d7-0450-773b-a4c9-d290039d04fd', '2026-11-18 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-03c3-70eb-a7c9-c36eaa570d8a', '01a223d7-0450-773b-a4c9-d290039d04fd', 0, 14, 0, 2, 'clean', 1, false, NULL, '01a223d6-e768-70b1-8114-27fca70ed1cb', NULL),
	('01a223d7-061f-748c-9462-50ce0fe32634', '2026-11-22 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0536-754f-9275-fc806cadeb67', '01a223d7-061f-748c-9462-50ce0fe32634', 0, 17, 0, 2, 'clean', 0, false, NULL, '01a223d6-e768-70b1-8114-27fca70ed1cb', NULL),
	('01a223d7-065c-759a-b213-2b64e22afbf3', '2026-11-22 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0536-754f-9275-fc806cadeb67', '01a223d7-065c-759a-b213-2b64e22afbf3', 0, 17, 0, 2, 'clean', 0, false, NULL, '01a223d6-e768-70b1-8114-27fca70ed1cb', NULL),
	('01a223d7-06bb-723b-b579-c74d16e39767', '2026-11-22 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0536-754f-9275-fc806cadeb67', '01a223d7-06bb-723b-b579-c74d16e39767', 0, 17, 0, 2, 'clean', 0, false, NULL, '01a223d6-e768-70b1-8114-27fca70ed1cb', NULL),
	('01a223d7-086c-741f-a10c-a91b5d680212', '2026-11-25 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0801-7545-98f3-1eb11cb99b63', '01a223d7-086c-741f-a10c-a91b5d680212', 0, 11, 0, 2, 'clean', 0, false, NULL, '01a223d6-e834-763f-93bd-186c9b8b5baa', NULL),
	('01a223d7-089b-73b9-be8e-7d5894212279', '2026-11-25 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0801-7545-98f3-1eb11cb99b63', '01a223d7-089b-73b9-be8e-7d5894212279', 0, 10, 0, 2, 'clean', 0, false, NULL, '01a223d6-e834-763f-93bd-186c9b8b5baa', NULL),
	('01a223d7-08a9-72db-8e5a-290da492fdaf', '2026-11-25 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-0801-7545-98f3-1eb11cb99b63', '01a223d7-08a9-72db-8e5a-290da492fdaf', 0, 10, 0, 2, 'clean', 1, false, NULL, '01a223d6-e834-763f-93bd-186c9b8b5baa', NULL),
	('01a223d7-1120-7719-92b3-69acc1b04e9e', '2026-11-03 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-10f8-75d2-9be9-0010953fdc70', '01a223d7-1120-7719-92b3-69acc1b04e9e', 0, 15, 0, 2, 'clean', 0, false, NULL, '01a223d7-094a-75a5-af45-6d1a833bc84a', NULL),
	('01a223d7-1142-724e-aa8f-67a68329e5fb', '2026-11-03 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-10f8-75d2-9be9-0010953fdc70', '01a223d7-1142-724e-aa8f-67a68329e5fb', 0, 14, 0, 2, 'clean', 0, false, NULL, '01a223d7-094a-75a5-af45-6d1a833bc84a', NULL),
	('01a223d7-1150-7189-b367-e87cce38d87f', '2026-11-03 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-10f8-75d2-9be9-0010953fdc70', '01a223d7-1150-7189-b367-e87cce38d87f', 0, 14, 0, 2, 'clean', 0, false, NULL, '01a223d7-094a-75a5-af45-6d1a833bc84a', NULL),
	('01a223d7-11a7-73b9-9a09-13076b619c0b', '2026-11-07 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-118e-7058-b7ee-e56ad12166f8', '01a223d7-11a7-73b9-9a09-13076b619c0b', 0, 17, 0, 1, 'clean', 0, false, NULL, '01a223d7-094a-75a5-af45-6d1a833bc84a', NULL),
	('01a223d7-11b8-75f3-821f-3787a3a594cd', '2026-11-07 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-118e-7058-b7ee-e56ad12166f8', '01a223d7-11b8-75f3-821f-3787a3a594cd', 0, 17, 0, 1, 'clean', 0, false, NULL, '01a223d7-094a-75a5-af45-6d1a833bc84a', NULL),
	('01a223d7-11c8-7145-a26a-a251c6dff447', '2026-11-07 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-118e-7058-b7ee-e56ad12166f8', '01a223d7-11c8-7145-a26a-a251c6dff447', 0, 17, 0, 1, 'clean', 0, false, NULL, '01a223d7-094a-75a5-af45-6d1a833bc84a', NULL),
	('01a223d7-123f-707f-bf2c-6001e4be6de8', '2026-11-10 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-1215-753c-95db-6c18bfce5334', '01a223d7-123f-707f-bf2c-6001e4be6de8', 0, 12, 0, 2, 'clean', 0, false, NULL, '01a223d7-0978-7770-859a-4bf8dc2ceaae', NULL),
	('01a223d7-1260-7530-961b-6346293fbd0f', '2026-11-10 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-1215-753c-95db-6c18bfce5334', '01a223d7-1260-7530-961b-6346293fbd0f', 0, 11, 0, 2, 'clean', 0, false, NULL, '01a223d7-0978-7770-859a-4bf8dc2ceaae', NULL),
	('01a223d7-1271-710f-855d-f4b09d91c9d7', '2026-11-10 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-1215-753c-95db-6c18bfce5334', '01a223d7-1271-710f-855d-f4b09d91c9d7', 0, 9, 0, 2, 'clean', 0, false, NULL, '01a223d7-0978-7770-859a-4bf8dc2ceaae', NULL),
	('01a223d7-12ee-7632-becf-a79978f9f54a', '2026-11-14 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-12b8-7579-8345-a38ef0868cf4', '01a223d7-12ee-7632-becf-a79978f9f54a', 0, 7, 0, 0, 'clean', 0, false, NULL, '01a223d7-0978-7770-859a-4bf8dc2ceaae', NULL),
	('01a223d7-12fc-76a8-95ff-02413c9568f8', '2026-11-14 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-12b8-7579-8345-a38ef0868cf4', '01a223d7-12fc-76a8-95ff-02413c9568f8', 0, 10, 0, 0, 'clean', 0, false, NULL, '01a223d7-0978-7770-859a-4bf8dc2ceaae', NULL),
	('01a223d7-131a-758c-9e9d-773ae982ff1c', '2026-11-14 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-12b8-7579-8345-a38ef0868cf4', '01a223d7-131a-758c-9e9d-773ae982ff1c', 0, 9, 0, 0, 'clean', 0, false, NULL, '01a223d7-0978-7770-859a-4bf8dc2ceaae', NULL),
	('01a223d7-1384-734d-b06f-b663f601b60c', '2026-11-17 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-136b-7337-aa70-c75e7843ab33', '01a223d7-1384-734d-b06f-b663f601b60c', 0, 14, 0, 2, 'clean', 0, false, NULL, '01a223d7-0978-7770-859a-4bf8dc2ceaae', NULL),
	('01a223d7-1396-72fc-9f6d-8eac24905d29', '2026-11-17 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-136b-7337-aa70-c75e7843ab33', '01a223d7-1396-72fc-9f6d-8eac24905d29', 0, 13, 0, 2, 'clean', 0, false, NULL, '01a223d7-0978-7770-859a-4bf8dc2ceaae', NULL),
	('01a223d7-13a6-75fb-80da-eecd7faf647c', '2026-11-17 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-136b-7337-aa70-c75e7843ab33', '01a223d7-13a6-75fb-80da-eecd7faf647c', 0, 12, 0, 2, 'clean', 0, false, NULL, '01a223d7-0978-7770-859a-4bf8dc2ceaae', NULL),
	('01a223d7-14ac-739c-bf92-38932464fc1a', '2026-11-21 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-1428-704c-8bdc-b2aa24b55131', '01a223d7-14ac-739c-bf92-38932464fc1a', 0, 16, 0, 1, 'clean', 0, false, NULL, '01a223d7-0978-7770-859a-4bf8dc2ceaae', NULL),
	('01a223d7-14cf-7679-b357-2c97291c88e2', '2026-11-21 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-1428-704c-8bdc-b2aa24b55131', '01a223d7-14cf-7679-b357-2c97291c88e2', 0, 15, 0, 1, 'clean', 0, false, NULL, '01a223d7-0978-7770-859a-4bf8dc2ceaae', NULL),
	('01a223d7-14f4-7588-9ac9-eb6dc0a223df', '2026-11-21 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-1428-704c-8bdc-b2aa24b55131', '01a223d7-14f4-7588-9ac9-eb6dc0a223df', 0, 15, 0, 1, 'clean', 0, false, NULL, '01a223d7-0978-7770-859a-4bf8dc2ceaae', NULL),
	('01a223d7-15bf-7502-a1b5-07b64c6fa290', '2026-11-26 16:03:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-1571-73bf-99b5-e849c9ef42e6', '01a223d7-15bf-7502-a1b5-07b64c6fa290', 0, 17, 0, 1, 'clean', 0, false, NULL, '01a223d7-0978-7770-859a-4bf8dc2ceaae', NULL),
	('01a223d7-15de-7129-8802-058999fd6737', '2026-11-26 16:06:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-1571-73bf-99b5-e849c9ef42e6', '01a223d7-15de-7129-8802-058999fd6737', 0, 17, 0, 1, 'clean', 0, false, NULL, '01a223d7-0978-7770-859a-4bf8dc2ceaae', NULL),
	('01a223d7-160c-717f-b63d-3c4cdf3c2f1e', '2026-11-26 16:09:00+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '01a223d7-1571-73bf-99b5-e849c9ef42e6', '01a223d7-160c-717f-b63d-3c4cdf3c2f1e', 0, 17, 0, 1, 'clean', 0, false, NULL, '01a223d7-0978-7770-859a-4bf8dc2ceaae', NULL),
	('de69d5a1-b3ef-41b7-a3de-0a0815ae30be', '2026-11-28 20:27:39.444+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '634ce3b7-4a62-4b05-afdd-db814da4ea24', 'de69d5a1-b3ef-41b7-a3de-0a0815ae30be', 0, 9, 1, 2, 'clean', 0, false, NULL, '4eca6407-8694-48d0-82bc-eeb12e3e4c21', NULL),
	('79f90cde-ba83-4741-93ee-d9b0dadb7af0', '2026-11-28 20:27:39.489+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '634ce3b7-4a62-4b05-afdd-db814da4ea24', '79f90cde-ba83-4741-93ee-d9b0dadb7af0', 0, 10, 1, 2, 'clean', 0, false, NULL, '4eca6407-8694-48d0-82bc-eeb12e3e4c21', NULL),
	('e77905df-18f3-46b0-ae06-b8e2bf45359d', '2026-11-28 20:27:39.52+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '634ce3b7-4a62-4b05-afdd-db814da4ea24', 'e77905df-18f3-46b0-ae06-b8e2bf45359d', 0, 11, 1, 2, 'clean', 0, false, NULL, '4eca6407-8694-48d0-82bc-eeb12e3e4c21', NULL),
	('01a223d7-90aa-700a-994c-b4b3123eabfe', '2026-11-28 20:27:39.489+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', '634ce3b7-4a62-4b05-afdd-db814da4ea24', '79f90cde-ba83-4741-93ee-d9b0dadb7af0', 1, 10, 1, 2, 'clean', 0, true, NULL, '4eca6407-8694-48d0-82bc-eeb12e3e4c21', NULL),
	('2b966353-986c-4ddb-90d5-a0323f43fb56', '2026-11-28 20:27:39.65+00', '01a223d6-ce1b-7708-bcd8-8ab24634d686', 'f5644bc7-ae83-4dbb-80a8-0321b7f25f6a', '2b966353-986c-4ddb-90d5-a0323f43fb56', 0, 10, 1, 2, 'clean', 0, false, NULL, '01a223d6-e834-763f-93bd-186c9b8b5baa', NULL);
SELECT pg_catalog.setval('public.migrations_id_seq', 14, true);
ALTER TABLE ONLY public.migrations
    ADD CONSTRAINT "PK_8c82d7f526340ab734260ea46be" PRIMARY KEY (id);
ALTER TABLE ONLY public.anchor
    ADD CONSTRAINT anchor_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.band_copy
    ADD CONSTRAINT band_copy_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.band_event
    ADD CONSTRAINT band_event_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.band_measurement
    ADD CONSTRAINT band_measurement_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.band
    ADD CONSTRAINT band_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.band_reading
    ADD CONSTRAINT band_reading_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.band_reading
    ADD CONSTRAINT band_reading_reading_id_sequence_key UNIQUE (reading_id, sequence);
ALTER TABLE ONLY public.decision
    ADD CONSTRAINT decision_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.decision
    ADD CONSTRAINT decision_session_id_key UNIQUE (session_id);
ALTER TABLE ONLY public.ladder
    ADD CONSTRAINT ladder_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.ladder_version
    ADD CONSTRAINT ladder_version_pkey PRIMARY KEY (ladder_id, version);
ALTER TABLE ONLY public.own_exercise
    ADD CONSTRAINT own_exercise_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.own_exercise
    ADD CONSTRAINT own_exercise_studio_id_exercise_id_key UNIQUE (studio_id, exercise_id);
ALTER TABLE ONLY public.person
    ADD CONSTRAINT person_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.person_trainer
    ADD CONSTRAINT person_trainer_pkey PRIMARY KEY (person_id, trainer_id);
ALTER TABLE ONLY public.place
    ADD CONSTRAINT place_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.prescription
    ADD CONSTRAINT prescription_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.setup
    ADD CONSTRAINT setup_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.setup_version
    ADD CONSTRAINT setup_version_pkey PRIMARY KEY (setup_id, version);
ALTER TABLE ONLY public.sign_in_failure
    ADD CONSTRAINT sign_in_failure_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.sign_in
    ADD CONSTRAINT sign_in_pkey PRIMARY KEY (token_hash);
ALTER TABLE ONLY public.skill_test
    ADD CONSTRAINT skill_test_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.studio
    ADD CONSTRAINT studio_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.trainer
    ADD CONSTRAINT trainer_email_key UNIQUE (email);
ALTER TABLE ONLY public.trainer
    ADD CONSTRAINT trainer_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.training_session
    ADD CONSTRAINT training_session_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.training_set
    ADD CONSTRAINT training_set_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2026_01
    ADD CONSTRAINT training_set_2026_01_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set
    ADD CONSTRAINT training_set_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2026_01
    ADD CONSTRAINT training_set_2026_01_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2026_02
    ADD CONSTRAINT training_set_2026_02_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2026_02
    ADD CONSTRAINT training_set_2026_02_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2026_03
    ADD CONSTRAINT training_set_2026_03_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2026_03
    ADD CONSTRAINT training_set_2026_03_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2026_04
    ADD CONSTRAINT training_set_2026_04_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2026_04
    ADD CONSTRAINT training_set_2026_04_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2026_05
    ADD CONSTRAINT training_set_2026_05_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2026_05
    ADD CONSTRAINT training_set_2026_05_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2026_06
    ADD CONSTRAINT training_set_2026_06_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2026_06
    ADD CONSTRAINT training_set_2026_06_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2026_07
    ADD CONSTRAINT training_set_2026_07_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2026_07
    ADD CONSTRAINT training_set_2026_07_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2026_08
    ADD CONSTRAINT training_set_2026_08_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2026_08
    ADD CONSTRAINT training_set_2026_08_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2026_09
    ADD CONSTRAINT training_set_2026_09_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2026_09
    ADD CONSTRAINT training_set_2026_09_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2026_10
    ADD CONSTRAINT training_set_2026_10_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2026_10
    ADD CONSTRAINT training_set_2026_10_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2026_11
    ADD CONSTRAINT training_set_2026_11_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2026_11
    ADD CONSTRAINT training_set_2026_11_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2026_12
    ADD CONSTRAINT training_set_2026_12_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2026_12
    ADD CONSTRAINT training_set_2026_12_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2027_01
    ADD CONSTRAINT training_set_2027_01_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2027_01
    ADD CONSTRAINT training_set_2027_01_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2027_02
    ADD CONSTRAINT training_set_2027_02_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2027_02
    ADD CONSTRAINT training_set_2027_02_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2027_03
    ADD CONSTRAINT training_set_2027_03_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2027_03
    ADD CONSTRAINT training_set_2027_03_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2027_04
    ADD CONSTRAINT training_set_2027_04_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2027_04
    ADD CONSTRAINT training_set_2027_04_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2027_05
    ADD CONSTRAINT training_set_2027_05_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2027_05
    ADD CONSTRAINT training_set_2027_05_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2027_06
    ADD CONSTRAINT training_set_2027_06_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2027_06
    ADD CONSTRAINT training_set_2027_06_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2027_07
    ADD CONSTRAINT training_set_2027_07_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2027_07
    ADD CONSTRAINT training_set_2027_07_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2027_08
    ADD CONSTRAINT training_set_2027_08_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2027_08
    ADD CONSTRAINT training_set_2027_08_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2027_09
    ADD CONSTRAINT training_set_2027_09_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2027_09
    ADD CONSTRAINT training_set_2027_09_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2027_10
    ADD CONSTRAINT training_set_2027_10_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2027_10
    ADD CONSTRAINT training_set_2027_10_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2027_11
    ADD CONSTRAINT training_set_2027_11_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2027_11
    ADD CONSTRAINT training_set_2027_11_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2027_12
    ADD CONSTRAINT training_set_2027_12_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2027_12
    ADD CONSTRAINT training_set_2027_12_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2028_01
    ADD CONSTRAINT training_set_2028_01_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2028_01
    ADD CONSTRAINT training_set_2028_01_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2028_02
    ADD CONSTRAINT training_set_2028_02_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2028_02
    ADD CONSTRAINT training_set_2028_02_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2028_03
    ADD CONSTRAINT training_set_2028_03_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2028_03
    ADD CONSTRAINT training_set_2028_03_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2028_04
    ADD CONSTRAINT training_set_2028_04_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2028_04
    ADD CONSTRAINT training_set_2028_04_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2028_05
    ADD CONSTRAINT training_set_2028_05_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2028_05
    ADD CONSTRAINT training_set_2028_05_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2028_06
    ADD CONSTRAINT training_set_2028_06_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2028_06
    ADD CONSTRAINT training_set_2028_06_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2028_07
    ADD CONSTRAINT training_set_2028_07_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2028_07
    ADD CONSTRAINT training_set_2028_07_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2028_08
    ADD CONSTRAINT training_set_2028_08_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2028_08
    ADD CONSTRAINT training_set_2028_08_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2028_09
    ADD CONSTRAINT training_set_2028_09_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2028_09
    ADD CONSTRAINT training_set_2028_09_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2028_10
    ADD CONSTRAINT training_set_2028_10_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2028_10
    ADD CONSTRAINT training_set_2028_10_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2028_11
    ADD CONSTRAINT training_set_2028_11_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2028_11
    ADD CONSTRAINT training_set_2028_11_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2028_12
    ADD CONSTRAINT training_set_2028_12_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2028_12
    ADD CONSTRAINT training_set_2028_12_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2029_01
    ADD CONSTRAINT training_set_2029_01_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2029_01
    ADD CONSTRAINT training_set_2029_01_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2029_02
    ADD CONSTRAINT training_set_2029_02_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2029_02
    ADD CONSTRAINT training_set_2029_02_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2029_03
    ADD CONSTRAINT training_set_2029_03_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2029_03
    ADD CONSTRAINT training_set_2029_03_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2029_04
    ADD CONSTRAINT training_set_2029_04_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2029_04
    ADD CONSTRAINT training_set_2029_04_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2029_05
    ADD CONSTRAINT training_set_2029_05_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2029_05
    ADD CONSTRAINT training_set_2029_05_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2029_06
    ADD CONSTRAINT training_set_2029_06_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2029_06
    ADD CONSTRAINT training_set_2029_06_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2029_07
    ADD CONSTRAINT training_set_2029_07_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2029_07
    ADD CONSTRAINT training_set_2029_07_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2029_08
    ADD CONSTRAINT training_set_2029_08_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2029_08
    ADD CONSTRAINT training_set_2029_08_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2029_09
    ADD CONSTRAINT training_set_2029_09_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2029_09
    ADD CONSTRAINT training_set_2029_09_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2029_10
    ADD CONSTRAINT training_set_2029_10_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2029_10
    ADD CONSTRAINT training_set_2029_10_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2029_11
    ADD CONSTRAINT training_set_2029_11_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2029_11
    ADD CONSTRAINT training_set_2029_11_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2029_12
    ADD CONSTRAINT training_set_2029_12_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2029_12
    ADD CONSTRAINT training_set_2029_12_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2030_01
    ADD CONSTRAINT training_set_2030_01_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2030_01
    ADD CONSTRAINT training_set_2030_01_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2030_02
    ADD CONSTRAINT training_set_2030_02_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2030_02
    ADD CONSTRAINT training_set_2030_02_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2030_03
    ADD CONSTRAINT training_set_2030_03_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2030_03
    ADD CONSTRAINT training_set_2030_03_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2030_04
    ADD CONSTRAINT training_set_2030_04_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2030_04
    ADD CONSTRAINT training_set_2030_04_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2030_05
    ADD CONSTRAINT training_set_2030_05_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2030_05
    ADD CONSTRAINT training_set_2030_05_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2030_06
    ADD CONSTRAINT training_set_2030_06_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2030_06
    ADD CONSTRAINT training_set_2030_06_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2030_07
    ADD CONSTRAINT training_set_2030_07_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2030_07
    ADD CONSTRAINT training_set_2030_07_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2030_08
    ADD CONSTRAINT training_set_2030_08_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2030_08
    ADD CONSTRAINT training_set_2030_08_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2030_09
    ADD CONSTRAINT training_set_2030_09_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2030_09
    ADD CONSTRAINT training_set_2030_09_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2030_10
    ADD CONSTRAINT training_set_2030_10_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2030_10
    ADD CONSTRAINT training_set_2030_10_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2030_11
    ADD CONSTRAINT training_set_2030_11_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2030_11
    ADD CONSTRAINT training_set_2030_11_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_2030_12
    ADD CONSTRAINT training_set_2030_12_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_2030_12
    ADD CONSTRAINT training_set_2030_12_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
ALTER TABLE ONLY public.training_set_default
    ADD CONSTRAINT training_set_default_pkey PRIMARY KEY (id, performed_at);
ALTER TABLE ONLY public.training_set_default
    ADD CONSTRAINT training_set_default_set_id_sequence_performed_at_key UNIQUE (set_id, sequence, performed_at);
CREATE INDEX band_copy_of_band ON public.band_copy USING btree (band_id);
CREATE INDEX band_event_of_band ON public.band_event USING btree (band_id, happened_at);
CREATE INDEX band_measurement_of_band ON public.band_measurement USING btree (band_id);
CREATE INDEX band_of_studio ON public.band USING btree (studio_id);
CREATE INDEX band_reading_of_band ON public.band_reading USING btree (band_id);
CREATE INDEX band_reading_of_measurement ON public.band_reading USING btree (measurement_id);
CREATE INDEX decision_of_person ON public.decision USING btree (person_id, status);
CREATE UNIQUE INDEX ladder_of_person ON public.ladder USING btree (person_id, exercise_id, place_id) WHERE (NOT removed);
CREATE INDEX prescription_of_person ON public.prescription USING btree (person_id, exercise_id, created_at);
CREATE INDEX setup_of_person ON public.setup USING btree (person_id, exercise_id);
CREATE INDEX sign_in_failure_recent ON public.sign_in_failure USING btree (email, failed_at);
CREATE INDEX skill_test_person ON public.skill_test USING btree (person_id, entered_at);
CREATE INDEX training_session_of_person ON public.training_session USING btree (person_id, exercise_id, started_at);
CREATE INDEX training_set_of_session ON ONLY public.training_set USING btree (session_id);
CREATE INDEX training_set_2026_01_session_id_idx ON public.training_set_2026_01 USING btree (session_id);
CREATE INDEX training_set_2026_02_session_id_idx ON public.training_set_2026_02 USING btree (session_id);
CREATE INDEX training_set_2026_03_session_id_idx ON public.training_set_2026_03 USING btree (session_id);
CREATE INDEX training_set_2026_04_session_id_idx ON public.training_set_2026_04 USING btree (session_id);
CREATE INDEX training_set_2026_05_session_id_idx ON public.training_set_2026_05 USING btree (session_id);
CREATE INDEX training_set_2026_06_session_id_idx ON public.training_set_2026_06 USING btree (session_id);
CREATE INDEX training_set_2026_07_session_id_idx ON public.training_set_2026_07 USING btree (session_id);
CREATE INDEX training_set_2026_08_session_id_idx ON public.training_set_2026_08 USING btree (session_id);
CREATE INDEX training_set_2026_09_session_id_idx ON public.training_set_2026_09 USING btree (session_id);
CREATE INDEX training_set_2026_10_session_id_idx ON public.training_set_2026_10 USING btree (session_id);
CREATE INDEX training_set_2026_11_session_id_idx ON public.training_set_2026_11 USING btree (session_id);
CREATE INDEX training_set_2026_12_session_id_idx ON public.training_set_2026_12 USING btree (session_id);
CREATE INDEX training_set_2027_01_session_id_idx ON public.training_set_2027_01 USING btree (session_id);
CREATE INDEX training_set_2027_02_session_id_idx ON public.training_set_2027_02 USING btree (session_id);
CREATE INDEX training_set_2027_03_session_id_idx ON public.training_set_2027_03 USING btree (session_id);
CREATE INDEX training_set_2027_04_session_id_idx ON public.training_set_2027_04 USING btree (session_id);
CREATE INDEX training_set_2027_05_session_id_idx ON public.training_set_2027_05 USING btree (session_id);
CREATE INDEX training_set_2027_06_session_id_idx ON public.training_set_2027_06 USING btree (session_id);
CREATE INDEX training_set_2027_07_session_id_idx ON public.training_set_2027_07 USING btree (session_id);
CREATE INDEX training_set_2027_08_session_id_idx ON public.training_set_2027_08 USING btree (session_id);
CREATE INDEX training_set_2027_09_session_id_idx ON public.training_set_2027_09 USING btree (session_id);
CREATE INDEX training_set_2027_10_session_id_idx ON public.training_set_2027_10 USING btree (session_id);
CREATE INDEX training_set_2027_11_session_id_idx ON public.training_set_2027_11 USING btree (session_id);
CREATE INDEX training_set_2027_12_session_id_idx ON public.training_set_2027_12 USING btree (session_id);
CREATE INDEX training_set_2028_01_session_id_idx ON public.training_set_2028_01 USING btree (session_id);
CREATE INDEX training_set_2028_02_session_id_idx ON public.training_set_2028_02 USING btree (session_id);
CREATE INDEX training_set_2028_03_session_id_idx ON public.training_set_2028_03 USING btree (session_id);
CREATE INDEX training_set_2028_04_session_id_idx ON public.training_set_2028_04 USING btree (session_id);
CREATE INDEX training_set_2028_05_session_id_idx ON public.training_set_2028_05 USING btree (session_id);
CREATE INDEX training_set_2028_06_session_id_idx ON public.training_set_2028_06 USING btree (session_id);
CREATE INDEX training_set_2028_07_session_id_idx ON public.training_set_2028_07 USING btree (session_id);
CREATE INDEX training_set_2028_08_session_id_idx ON public.training_set_2028_08 USING btree (session_id);
CREATE INDEX training_set_2028_09_session_id_idx ON public.training_set_2028_09 USING btree (session_id);
CREATE INDEX training_set_2028_10_session_id_idx ON public.training_set_2028_10 USING btree (session_id);
CREATE INDEX training_set_2028_11_session_id_idx ON public.training_set_2028_11 USING btree (session_id);
CREATE INDEX training_set_2028_12_session_id_idx ON public.training_set_2028_12 USING btree (session_id);
CREATE INDEX training_set_2029_01_session_id_idx ON public.training_set_2029_01 USING btree (session_id);
CREATE INDEX training_set_2029_02_session_id_idx ON public.training_set_2029_02 USING btree (session_id);
CREATE INDEX training_set_2029_03_session_id_idx ON public.training_set_2029_03 USING btree (session_id);
CREATE INDEX training_set_2029_04_session_id_idx ON public.training_set_2029_04 USING btree (session_id);
CREATE INDEX training_set_2029_05_session_id_idx ON public.training_set_2029_05 USING btree (session_id);
CREATE INDEX training_set_2029_06_session_id_idx ON public.training_set_2029_06 USING btree (session_id);
CREATE INDEX training_set_2029_07_session_id_idx ON public.training_set_2029_07 USING btree (session_id);
CREATE INDEX training_set_2029_08_session_id_idx ON public.training_set_2029_08 USING btree (session_id);
CREATE INDEX training_set_2029_09_session_id_idx ON public.training_set_2029_09 USING btree (session_id);
CREATE INDEX training_set_2029_10_session_id_idx ON public.training_set_2029_10 USING btree (session_id);
CREATE INDEX training_set_2029_11_session_id_idx ON public.training_set_2029_11 USING btree (session_id);
CREATE INDEX training_set_2029_12_session_id_idx ON public.training_set_2029_12 USING btree (session_id);
CREATE INDEX training_set_2030_01_session_id_idx ON public.training_set_2030_01 USING btree (session_id);
CREATE INDEX training_set_2030_02_session_id_idx ON public.training_set_2030_02 USING btree (session_id);
CREATE INDEX training_set_2030_03_session_id_idx ON public.training_set_2030_03 USING btree (session_id);
CREATE INDEX training_set_2030_04_session_id_idx ON public.training_set_2030_04 USING btree (session_id);
CREATE INDEX training_set_2030_05_session_id_idx ON public.training_set_2030_05 USING btree (session_id);
CREATE INDEX training_set_2030_06_session_id_idx ON public.training_set_2030_06 USING btree (session_id);
CREATE INDEX training_set_2030_07_session_id_idx ON public.training_set_2030_07 USING btree (session_id);
CREATE INDEX training_set_2030_08_session_id_idx ON public.training_set_2030_08 USING btree (session_id);
CREATE INDEX training_set_2030_09_session_id_idx ON public.training_set_2030_09 USING btree (session_id);
CREATE INDEX training_set_2030_10_session_id_idx ON public.training_set_2030_10 USING btree (session_id);
CREATE INDEX training_set_2030_11_session_id_idx ON public.training_set_2030_11 USING btree (session_id);
CREATE INDEX training_set_2030_12_session_id_idx ON public.training_set_2030_12 USING btree (session_id);
CREATE INDEX training_set_default_session_id_idx ON public.training_set_default USING btree (session_id);
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2026_01_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2026_01_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2026_01_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2026_02_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2026_02_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2026_02_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2026_03_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2026_03_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2026_03_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2026_04_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2026_04_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2026_04_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2026_05_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2026_05_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2026_05_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2026_06_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2026_06_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2026_06_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2026_07_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2026_07_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2026_07_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2026_08_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2026_08_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2026_08_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2026_09_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2026_09_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2026_09_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2026_10_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2026_10_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2026_10_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2026_11_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2026_11_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2026_11_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2026_12_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2026_12_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2026_12_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2027_01_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2027_01_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2027_01_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2027_02_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2027_02_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2027_02_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2027_03_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2027_03_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2027_03_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2027_04_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2027_04_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2027_04_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2027_05_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2027_05_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2027_05_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2027_06_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2027_06_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2027_06_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2027_07_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2027_07_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2027_07_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2027_08_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2027_08_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2027_08_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2027_09_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2027_09_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2027_09_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2027_10_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2027_10_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2027_10_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2027_11_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2027_11_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2027_11_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2027_12_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2027_12_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2027_12_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2028_01_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2028_01_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2028_01_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2028_02_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2028_02_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2028_02_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2028_03_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2028_03_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2028_03_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2028_04_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2028_04_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2028_04_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2028_05_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2028_05_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2028_05_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2028_06_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2028_06_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2028_06_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2028_07_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2028_07_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2028_07_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2028_08_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2028_08_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2028_08_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2028_09_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2028_09_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2028_09_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2028_10_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2028_10_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2028_10_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2028_11_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2028_11_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2028_11_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2028_12_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2028_12_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2028_12_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2029_01_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2029_01_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2029_01_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2029_02_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2029_02_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2029_02_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2029_03_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2029_03_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2029_03_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2029_04_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2029_04_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2029_04_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2029_05_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2029_05_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2029_05_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2029_06_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2029_06_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2029_06_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2029_07_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2029_07_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2029_07_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2029_08_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2029_08_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2029_08_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2029_09_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2029_09_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2029_09_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2029_10_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2029_10_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2029_10_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2029_11_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2029_11_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2029_11_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2029_12_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2029_12_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2029_12_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2030_01_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2030_01_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2030_01_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2030_02_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2030_02_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2030_02_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2030_03_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2030_03_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2030_03_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2030_04_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2030_04_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2030_04_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2030_05_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2030_05_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2030_05_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2030_06_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2030_06_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2030_06_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2030_07_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2030_07_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2030_07_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2030_08_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2030_08_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2030_08_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2030_09_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2030_09_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2030_09_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2030_10_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2030_10_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2030_10_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2030_11_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2030_11_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2030_11_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_2030_12_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_2030_12_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_2030_12_set_id_sequence_performed_at_key;
ALTER INDEX public.training_set_pkey ATTACH PARTITION public.training_set_default_pkey;
ALTER INDEX public.training_set_of_session ATTACH PARTITION public.training_set_default_session_id_idx;
ALTER INDEX public.training_set_set_id_sequence_performed_at_key ATTACH PARTITION public.training_set_default_set_id_sequence_performed_at_key;
ALTER TABLE ONLY public.anchor
    ADD CONSTRAINT anchor_place_id_fkey FOREIGN KEY (place_id) REFERENCES public.place(id);
ALTER TABLE ONLY public.anchor
    ADD CONSTRAINT anchor_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.band_copy
    ADD CONSTRAINT band_copy_band_id_fkey FOREIGN KEY (band_id) REFERENCES public.band(id);
ALTER TABLE ONLY public.band_copy
    ADD CONSTRAINT band_copy_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.band
    ADD CONSTRAINT band_cut_from_fkey FOREIGN KEY (cut_from) REFERENCES public.band(id);
ALTER TABLE ONLY public.band_event
    ADD CONSTRAINT band_event_band_id_fkey FOREIGN KEY (band_id) REFERENCES public.band(id);
ALTER TABLE ONLY public.band_event
    ADD CONSTRAINT band_event_copy_id_fkey FOREIGN KEY (copy_id) REFERENCES public.band_copy(id);
ALTER TABLE ONLY public.band_event
    ADD CONSTRAINT band_event_noted_by_fkey FOREIGN KEY (noted_by) REFERENCES public.trainer(id);
ALTER TABLE ONLY public.band_event
    ADD CONSTRAINT band_event_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.band_measurement
    ADD CONSTRAINT band_measurement_band_id_fkey FOREIGN KEY (band_id) REFERENCES public.band(id);
ALTER TABLE ONLY public.band_measurement
    ADD CONSTRAINT band_measurement_copy_id_fkey FOREIGN KEY (copy_id) REFERENCES public.band_copy(id);
ALTER TABLE ONLY public.band_measurement
    ADD CONSTRAINT band_measurement_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.band_measurement
    ADD CONSTRAINT band_measurement_taken_by_fkey FOREIGN KEY (taken_by) REFERENCES public.trainer(id);
ALTER TABLE ONLY public.band_reading
    ADD CONSTRAINT band_reading_band_id_fkey FOREIGN KEY (band_id) REFERENCES public.band(id);
ALTER TABLE ONLY public.band_reading
    ADD CONSTRAINT band_reading_measurement_id_fkey FOREIGN KEY (measurement_id) REFERENCES public.band_measurement(id);
ALTER TABLE ONLY public.band_reading
    ADD CONSTRAINT band_reading_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.band_reading
    ADD CONSTRAINT band_reading_taken_by_fkey FOREIGN KEY (taken_by) REFERENCES public.trainer(id);
ALTER TABLE ONLY public.band
    ADD CONSTRAINT band_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.decision
    ADD CONSTRAINT decision_person_id_fkey FOREIGN KEY (person_id) REFERENCES public.person(id);
ALTER TABLE ONLY public.decision
    ADD CONSTRAINT decision_session_id_fkey FOREIGN KEY (session_id) REFERENCES public.training_session(id);
ALTER TABLE ONLY public.decision
    ADD CONSTRAINT decision_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.ladder
    ADD CONSTRAINT ladder_person_id_fkey FOREIGN KEY (person_id) REFERENCES public.person(id);
ALTER TABLE ONLY public.ladder
    ADD CONSTRAINT ladder_place_id_fkey FOREIGN KEY (place_id) REFERENCES public.place(id);
ALTER TABLE ONLY public.ladder
    ADD CONSTRAINT ladder_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.ladder_version
    ADD CONSTRAINT ladder_version_ladder_id_fkey FOREIGN KEY (ladder_id) REFERENCES public.ladder(id);
ALTER TABLE ONLY public.ladder_version
    ADD CONSTRAINT ladder_version_saved_by_fkey FOREIGN KEY (saved_by) REFERENCES public.trainer(id);
ALTER TABLE ONLY public.ladder_version
    ADD CONSTRAINT ladder_version_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.own_exercise
    ADD CONSTRAINT own_exercise_saved_by_fkey FOREIGN KEY (saved_by) REFERENCES public.trainer(id);
ALTER TABLE ONLY public.own_exercise
    ADD CONSTRAINT own_exercise_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.person
    ADD CONSTRAINT person_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.person_trainer
    ADD CONSTRAINT person_trainer_person_id_fkey FOREIGN KEY (person_id) REFERENCES public.person(id);
ALTER TABLE ONLY public.person_trainer
    ADD CONSTRAINT person_trainer_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.person_trainer
    ADD CONSTRAINT person_trainer_trainer_id_fkey FOREIGN KEY (trainer_id) REFERENCES public.trainer(id);
ALTER TABLE ONLY public.place
    ADD CONSTRAINT place_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.prescription
    ADD CONSTRAINT prescription_created_by_fkey FOREIGN KEY (created_by) REFERENCES public.trainer(id);
ALTER TABLE ONLY public.prescription
    ADD CONSTRAINT prescription_person_id_fkey FOREIGN KEY (person_id) REFERENCES public.person(id);
ALTER TABLE ONLY public.prescription
    ADD CONSTRAINT prescription_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.setup
    ADD CONSTRAINT setup_person_id_fkey FOREIGN KEY (person_id) REFERENCES public.person(id);
ALTER TABLE ONLY public.setup
    ADD CONSTRAINT setup_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.setup_version
    ADD CONSTRAINT setup_version_anchor_id_fkey FOREIGN KEY (anchor_id) REFERENCES public.anchor(id);
ALTER TABLE ONLY public.setup_version
    ADD CONSTRAINT setup_version_place_id_fkey FOREIGN KEY (place_id) REFERENCES public.place(id);
ALTER TABLE ONLY public.setup_version
    ADD CONSTRAINT setup_version_saved_by_fkey FOREIGN KEY (saved_by) REFERENCES public.trainer(id);
ALTER TABLE ONLY public.setup_version
    ADD CONSTRAINT setup_version_setup_id_fkey FOREIGN KEY (setup_id) REFERENCES public.setup(id);
ALTER TABLE ONLY public.setup_version
    ADD CONSTRAINT setup_version_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.sign_in
    ADD CONSTRAINT sign_in_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.sign_in
    ADD CONSTRAINT sign_in_trainer_id_fkey FOREIGN KEY (trainer_id) REFERENCES public.trainer(id);
ALTER TABLE ONLY public.skill_test
    ADD CONSTRAINT skill_test_entered_by_fkey FOREIGN KEY (entered_by) REFERENCES public.trainer(id);
ALTER TABLE ONLY public.skill_test
    ADD CONSTRAINT skill_test_person_id_fkey FOREIGN KEY (person_id) REFERENCES public.person(id);
ALTER TABLE ONLY public.skill_test
    ADD CONSTRAINT skill_test_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.trainer
    ADD CONSTRAINT trainer_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
ALTER TABLE ONLY public.training_session
    ADD CONSTRAINT training_session_person_id_fkey FOREIGN KEY (person_id) REFERENCES public.person(id);
ALTER TABLE ONLY public.training_session
    ADD CONSTRAINT training_session_prescription_id_fkey FOREIGN KEY (prescription_id) REFERENCES public.prescription(id);
ALTER TABLE ONLY public.training_session
    ADD CONSTRAINT training_session_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);
