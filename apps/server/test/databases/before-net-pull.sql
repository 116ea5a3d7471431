
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
    CONSTRAINT anchor_check CHECK ((highest_m >= lowest_m)),
    CONSTRAINT anchor_girth_m_check CHECK ((girth_m > (0)::double precision)),
    CONSTRAINT anchor_rated_load_n_check CHECK ((rated_load_n > (0)::double precision))
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
    setup_id uuid NOT NULL,
    exercise_id text NOT NULL,
    school text NOT NULL,
    sets integer NOT NULL,
    reps jsonb NOT NULL,
    rest_s double precision NOT NULL,
    target jsonb NOT NULL,
    from_decision_id uuid,
    created_at timestamp with time zone NOT NULL,
    created_by uuid NOT NULL,
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
    saved_by uuid NOT NULL
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
    password_hash text NOT NULL
);

CREATE TABLE public.training_session (
    id uuid NOT NULL,
    studio_id uuid NOT NULL,
    version integer NOT NULL,
    person_id uuid NOT NULL,
    prescription_id uuid NOT NULL,
    setup_id uuid NOT NULL,
    setup_version integer NOT NULL,
    exercise_id text NOT NULL,
    started_at timestamp with time zone NOT NULL,
    day text NOT NULL,
    finished_at timestamp with time zone,
    red_flag boolean NOT NULL
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
	('01a21f38-38d8-7007-8a98-704933e91890', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d7-7127-8113-b057bc2da905', 'Loft post', 'post', 0.05, 2.2, 0.56, 4000, NULL, false),
	('01a21f38-38d9-77c9-b40f-a2857449610e', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d7-7127-8113-b057bc2da905', 'Wall strap with rings', 'wall', 0.1, 2.1, NULL, 1500, NULL, false),
	('01a21f38-38da-760c-af84-c1a22058c3b0', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d7-7127-8113-b057bc2da905', 'Bar under the beam', 'bar', 2.25, 2.25, 0.1, 3000, NULL, false),
	('01a21f38-38da-760c-af84-c759d034006c', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d7-7127-8113-b057bc2da905', 'Sawhorse bars', 'parallelBars', 1.25, 1.25, 0.13, 2500, NULL, false),
	('01a21f38-38db-7450-a4c7-942700189dc1', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d7-7127-8113-b057bc2da905', 'Rings on the hoist', 'rings', 0.3, 2.3, 0.09, 2500, NULL, false),
	('01a21f38-38dc-732e-b734-6207352e43ae', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d7-7127-8113-b057bc2da905', 'Mika, holding', 'partner', 0.1, 1.5, NULL, NULL, NULL, false),
	('01a21f38-38dd-762f-a6ed-fb31c2876280', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38dc-732e-b734-647f6aad4d18', 'Eye bolt in the bulkhead', 'wall', 0.05, 1.9, NULL, 2000, NULL, false),
	('01a21f38-38dd-762f-a6ed-fd47c9859f95', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38dc-732e-b734-647f6aad4d18', 'Cabin door, hinge side', 'door', 0.7, 1.45, NULL, NULL, '{"side": "hinge", "opens": "away", "locked": false, "foamEnd": true}', false),
	('01a21f38-38de-7059-98a5-5436f4293a80', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38dc-732e-b734-647f6aad4d18', 'Cabin door, over the top', 'door', 1.9, 1.9, NULL, NULL, '{"side": "over", "opens": "away", "locked": false, "foamEnd": true}', false),
	('01a21f38-38df-761c-afe6-84301e0bdfe9', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38dc-732e-b734-647f6aad4d18', 'Bunk leg', 'furniture', 0.02, 0.3, 0.24, NULL, NULL, false),
	('01a21f38-38e0-7783-8772-13dad1b5e2f2', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38df-761c-afe6-8a952b7eff36', 'Hall door, hinge side', 'door', 0.8, 1.4, NULL, NULL, '{"side": "hinge", "opens": "away", "locked": false, "foamEnd": true}', false),
	('01a21f38-38e1-7229-ae8e-769f5ecae123', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38df-761c-afe6-8a952b7eff36', 'Hall door, under the leaf', 'door', 0.02, 0.02, NULL, NULL, '{"side": "under", "opens": "away", "locked": false, "foamEnd": true}', false),
	('01a21f38-38e1-7229-ae8e-7a10294aee38', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38df-761c-afe6-8a952b7eff36', 'Newel post of the stairs', 'post', 0.1, 1, 0.36, NULL, NULL, false),
	('01a21f38-38e1-7229-ae8e-7cb1c15346d4', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38df-761c-afe6-8a952b7eff36', 'Banister rail', 'banister', 0.9, 0.9, 0.18, 600, NULL, false);

INSERT INTO public.band VALUES
	('01a21f38-38ec-77d4-a3b1-68edbbe2ecd2', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, 'Ribbonweed roll', 'strip', 18.5, 150, '#9fb8a3', NULL, NULL, 2.5, 'Bought as 25 m; cut with scissors, corners rounded.', false, 'roll', NULL, NULL, 'latexLayered', NULL, NULL, NULL),
	('01a21f38-396f-731e-8d64-d08242e3fa1d', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, 'Eel', 'tube', 1.2, 10, '#3f7d8c', 7, '{"max_N": 130, "min_N": 50}', 2.5, 'Handles of foam; the elastic is 1.20 m between the fittings.', false, 'band', NULL, NULL, 'latexMoulded', NULL, '{"mass_kg": 0.18, "deadLength_m": 0.24}', NULL),
	('01a21f38-39ff-7048-9f17-d4e9702a30d7', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, 'Heron', 'loop', 1.04, 22, '#8a5a44', 3, NULL, 2.5, '', false, 'band', NULL, NULL, 'latexLayered', NULL, NULL, NULL),
	('01a21f38-3a5d-7219-9f3c-db92e43e6883', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, 'Lock beam', 'loop', 1.04, 64, '#4a4e69', 6, '{"max_N": 600, "min_N": 250}', 2.5, 'Too strong for the luggage scale; label only.', false, 'band', NULL, NULL, 'latexLayered', NULL, NULL, NULL),
	('01a21f38-3a73-77bd-bc1b-3006f7ee2582', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, 'Minnow', 'tube', 1.2, 8, '#b58db6', 8, '{"max_N": 90, "min_N": 30}', 2.5, '', false, 'band', NULL, NULL, 'latexMoulded', NULL, '{"mass_kg": 0.18, "deadLength_m": 0.24}', NULL),
	('01a21f38-3ac0-714e-8a5e-682a6e5b27d5', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, 'Old Mooring', 'loop', 1.04, 29, '#6d6875', NULL, '{"max_N": 320, "min_N": 130}', 2.5, 'Worn: pulls about a sixth less than it did in spring, and the edge is dull.', false, 'band', NULL, NULL, 'latexLayered', NULL, NULL, NULL),
	('01a21f38-3b3f-71ca-b13f-47d2ac27cf02', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, 'Reed', 'loop', 1.04, 13, '#c9a24b', 1, '{"max_N": 150, "min_N": 60}', 2.5, '', false, 'band', NULL, NULL, 'latexLayered', NULL, NULL, NULL),
	('01a21f38-3bb2-703a-af61-1e9e3175dc66', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, 'Ribbonweed', 'strip', 1.5, 150, '#9fb8a3', NULL, NULL, 2.5, 'Cut from the roll in the studio.', false, 'band', '01a21f38-38ec-77d4-a3b1-68edbbe2ecd2', NULL, 'latexLayered', NULL, NULL, NULL),
	('01a21f38-3bca-7088-96b8-5a6edb8c3ca0', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, 'Sluice', 'loop', 1.04, 32, '#5b6f5d', 4, '{"max_N": 380, "min_N": 150}', 2.5, 'Measured in the boatyard loft, hung from the crane hook.', false, 'band', NULL, NULL, 'latexLayered', NULL, NULL, NULL),
	('01a21f38-3c18-719d-91e2-830102e73174', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, 'Towline', 'loop', 1.03, 45, '#a3596b', 5, '{"max_N": 500, "min_N": 220}', 2.5, 'One pull only: the scale ended at 30 kg.', false, 'band', NULL, NULL, 'latexLayered', NULL, NULL, NULL),
	('01a21f38-3c49-753f-8127-06a1157ad867', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, 'Wick', 'miniLoop', 0.3, 50, '#d0775b', 9, NULL, 2.5, '', false, 'band', NULL, NULL, 'fabric', NULL, NULL, NULL),
	('01a21f38-3c93-7122-9b5a-37e52d85f251', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, 'Willow', 'loop', 1.04, 19, '#7f8fa6', 2, '{"max_N": 220, "min_N": 90}', 2.5, '', false, 'band', NULL, NULL, 'latexLayered', NULL, NULL, NULL);

INSERT INTO public.band_copy VALUES
	('01a21f38-38ec-77d4-a3b1-6c00948518f2', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38ec-77d4-a3b1-68edbbe2ecd2', 'a', '2026-08-15', '2026-11-27 22:55:07.888+00', 'inUse', '', '{"at": "bag"}'),
	('01a21f38-396f-731e-8d64-d40679e85cb0', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-396f-731e-8d64-d08242e3fa1d', 'a', '2026-03-06', '2026-11-27 22:55:07.888+00', 'inUse', '', '{"at": "bag"}'),
	('01a21f38-39ff-7048-9f17-d83de585a0f5', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-39ff-7048-9f17-d4e9702a30d7', 'a', '2026-03-06', '2026-11-27 22:55:07.888+00', 'inUse', '', '{"at": "bag"}'),
	('01a21f38-3a5d-7219-9f3c-de358e098f79', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3a5d-7219-9f3c-db92e43e6883', 'a', '2026-06-19', '2026-11-27 22:55:07.888+00', 'inUse', '', '{"at": "bag"}'),
	('01a21f38-3a73-77bd-bc1b-36314ba9b9ce', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3a73-77bd-bc1b-3006f7ee2582', 'a', '2026-03-06', '2026-11-27 22:55:07.888+00', 'inUse', '', '{"at": "bag"}'),
	('01a21f38-3ac0-714e-8a5e-6dfb7040985c', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3ac0-714e-8a5e-682a6e5b27d5', 'a', '2024-04-24', '2026-11-27 22:55:07.888+00', 'watch', 'The edge is dull.', '{"at": "bag"}'),
	('01a21f38-3b3f-71ca-b13f-4973e46fe054', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3b3f-71ca-b13f-47d2ac27cf02', 'a', '2026-03-06', '2026-11-27 22:55:07.888+00', 'inUse', '', '{"at": "bag"}'),
	('01a21f38-3b3f-71ca-b13f-4d74492f1a76', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3b3f-71ca-b13f-47d2ac27cf02', 'b', '2026-03-06', '2026-11-27 22:55:07.888+00', 'inUse', '', '{"at": "person", "personId": "01a21f38-38cb-7386-9afa-3da79440ec76"}'),
	('01a21f38-3bb2-703a-af61-22b996fdad06', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3bb2-703a-af61-1e9e3175dc66', 'a', '2026-08-15', '2026-11-27 22:55:07.888+00', 'inUse', '', '{"at": "bag"}'),
	('01a21f38-3bca-7088-96b8-5c54725b9828', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3bca-7088-96b8-5a6edb8c3ca0', 'a', '2026-03-06', '2026-11-27 22:55:07.888+00', 'inUse', '', '{"at": "bag"}'),
	('01a21f38-3c18-719d-91e2-847705442f5b', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c18-719d-91e2-830102e73174', 'a', '2026-06-19', '2026-11-27 22:55:07.888+00', 'inUse', '', '{"at": "bag"}'),
	('01a21f38-3c49-753f-8127-0b61692a40dd', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c49-753f-8127-06a1157ad867', 'a', '2026-08-15', '2026-11-27 22:55:07.888+00', 'inUse', '', '{"at": "bag"}'),
	('01a21f38-3c93-7122-9b5a-3b32d8d7b874', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c93-7122-9b5a-37e52d85f251', 'a', '2026-03-06', '2026-11-27 22:55:07.888+00', 'inUse', '', '{"at": "bag"}');

INSERT INTO public.band_event VALUES
	('01a21f38-39ee-7056-9e6e-af90083bcb83', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-396f-731e-8d64-d08242e3fa1d', '01a21f38-396f-731e-8d64-d40679e85cb0', '2026-11-13 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '{"kind": "inspected", "note": "", "findings": {"smell": "good", "surface": "good", "fittings": "good"}}'),
	('01a21f38-3a51-7309-a73d-93c0633df73a', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-39ff-7048-9f17-d4e9702a30d7', '01a21f38-39ff-7048-9f17-d83de585a0f5', '2026-11-13 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '{"kind": "inspected", "note": "", "findings": {"edges": "good", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('01a21f38-3a68-77fb-b6c3-9aaaa262264c', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3a5d-7219-9f3c-db92e43e6883', '01a21f38-3a5d-7219-9f3c-de358e098f79', '2026-11-13 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '{"kind": "inspected", "note": "", "findings": {"edges": "good", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('01a21f38-3aaf-7616-9ea4-284f513a32bc', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3a73-77bd-bc1b-3006f7ee2582', '01a21f38-3a73-77bd-bc1b-36314ba9b9ce', '2026-11-13 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '{"kind": "inspected", "note": "", "findings": {"smell": "good", "surface": "good", "fittings": "good"}}'),
	('01a21f38-3b2e-763e-872a-cca52ab099c1', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3ac0-714e-8a5e-682a6e5b27d5', '01a21f38-3ac0-714e-8a5e-6dfb7040985c', '2026-11-13 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '{"kind": "inspected", "note": "Dull along one edge for a hand’s breadth; no nick.", "findings": {"edges": "watch", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('01a21f38-3b8e-714b-95c4-4c57e8d0f9df', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3b3f-71ca-b13f-47d2ac27cf02', '01a21f38-3b3f-71ca-b13f-4d74492f1a76', '2026-10-10 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '{"kind": "moved", "holder": {"at": "person", "personId": "01a21f38-38cb-7386-9afa-3da79440ec76"}}'),
	('01a21f38-3b9a-7374-af24-b74df5503855', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3b3f-71ca-b13f-47d2ac27cf02', '01a21f38-3b3f-71ca-b13f-4d74492f1a76', '2026-11-07 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '{"kind": "inspected", "note": "", "findings": {"edges": "good", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('01a21f38-3ba4-72aa-b433-c64dde329f39', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3b3f-71ca-b13f-47d2ac27cf02', '01a21f38-3b3f-71ca-b13f-4973e46fe054', '2026-11-13 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '{"kind": "inspected", "note": "", "findings": {"edges": "good", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('01a21f38-3bbe-7015-9dc2-46e0d4fdca38', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3bb2-703a-af61-1e9e3175dc66', '01a21f38-3bb2-703a-af61-22b996fdad06', '2026-11-13 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '{"kind": "inspected", "note": "", "findings": {"edges": "good", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('01a21f38-3c0b-72ab-b51d-2c06cac856e7', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3bca-7088-96b8-5a6edb8c3ca0', '01a21f38-3bca-7088-96b8-5c54725b9828', '2026-10-09 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '{"kind": "inspected", "note": "", "findings": {"edges": "good", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('01a21f38-3c39-77c9-8b46-b0fff3d8fe26', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c18-719d-91e2-830102e73174', '01a21f38-3c18-719d-91e2-847705442f5b', '2026-11-06 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '{"kind": "inspected", "note": "", "findings": {"edges": "good", "hitch": "good", "smell": "good", "surface": "good"}}'),
	('01a21f38-3c88-76d3-99de-9a86e68f9390', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c49-753f-8127-06a1157ad867', '01a21f38-3c49-753f-8127-0b61692a40dd', '2026-11-13 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '{"kind": "inspected", "note": "", "findings": {"seam": "good", "edges": "good", "surface": "good"}}'),
	('01a21f38-3ce4-7035-806b-d280226a22cb', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c93-7122-9b5a-37e52d85f251', '01a21f38-3c93-7122-9b5a-3b32d8d7b874', '2026-11-13 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '{"kind": "inspected", "note": "", "findings": {"edges": "good", "hitch": "good", "smell": "good", "surface": "good"}}');

INSERT INTO public.band_measurement VALUES
	('01a21f38-3918-760b-be5f-ac2e04ded1ca', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38ec-77d4-a3b1-68edbbe2ecd2', '01a21f38-38ec-77d4-a3b1-6c00948518f2', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-09 09:00:00+00', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', ''),
	('01a21f38-3984-740f-832a-a5e51da82904', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-396f-731e-8d64-d08242e3fa1d', '01a21f38-396f-731e-8d64-d40679e85cb0', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-09 09:00:00+00', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', ''),
	('01a21f38-3a14-7226-9a1a-5ae7ba22348e', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-39ff-7048-9f17-d4e9702a30d7', '01a21f38-39ff-7048-9f17-d83de585a0f5', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-09 09:00:00+00', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', ''),
	('01a21f38-3a7f-747b-856e-95d90c81acfb', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3a73-77bd-bc1b-3006f7ee2582', '01a21f38-3a73-77bd-bc1b-36314ba9b9ce', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-09 09:00:00+00', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', ''),
	('01a21f38-3aca-74ee-ac24-e2e4ec8994d2', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3ac0-714e-8a5e-682a6e5b27d5', '01a21f38-3ac0-714e-8a5e-6dfb7040985c', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-04-28 09:00:00+00', '2026-04-28 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', ''),
	('01a21f38-3b00-760e-a4ca-d36d86c85e98', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3ac0-714e-8a5e-682a6e5b27d5', '01a21f38-3ac0-714e-8a5e-6dfb7040985c', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-11-13 09:00:00+00', '2026-11-13 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', ''),
	('01a21f38-3b4c-7002-ba7c-7049785d236e', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3b3f-71ca-b13f-47d2ac27cf02', '01a21f38-3b3f-71ca-b13f-4973e46fe054', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-09 09:00:00+00', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', ''),
	('01a21f38-3bd6-7659-a654-80977640ba43', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3bca-7088-96b8-5a6edb8c3ca0', '01a21f38-3bca-7088-96b8-5c54725b9828', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-09 09:00:00+00', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', ''),
	('01a21f38-3c22-755f-b5d4-aad3dab433be', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c18-719d-91e2-830102e73174', '01a21f38-3c18-719d-91e2-847705442f5b', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-09 09:00:00+00', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', ''),
	('01a21f38-3c59-71e9-ad58-633a8c11c58b', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c49-753f-8127-06a1157ad867', '01a21f38-3c49-753f-8127-0b61692a40dd', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-09 09:00:00+00', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', ''),
	('01a21f38-3c9d-73c1-bc31-066294a416a0', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c93-7122-9b5a-37e52d85f251', '01a21f38-3c93-7122-9b5a-3b32d8d7b874', 'end', '{"kind": "typed", "name": "Luggage scale"}', 3, '2026-10-09 09:00:00+00', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '');

INSERT INTO public.band_reading VALUES
	('01a21f38-392b-773d-a233-5cfe97a07106', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38ec-77d4-a3b1-68edbbe2ecd2', 1.95, 15.5, 1.5, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-392b-773d-a233-5cfe97a07106', 0, false, '01a21f38-3918-760b-be5f-ac2e04ded1ca', 0, NULL, ''),
	('01a21f38-393e-72d2-8c50-058af6bb237a', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38ec-77d4-a3b1-68edbbe2ecd2', 2.4, 24.5, 1.5, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-393e-72d2-8c50-058af6bb237a', 0, false, '01a21f38-3918-760b-be5f-ac2e04ded1ca', 0, NULL, ''),
	('01a21f38-394e-70aa-8225-072afd8b3f15', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38ec-77d4-a3b1-68edbbe2ecd2', 3, 33.5, 1.5, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-394e-70aa-8225-072afd8b3f15', 0, false, '01a21f38-3918-760b-be5f-ac2e04ded1ca', 0, NULL, ''),
	('01a21f38-395b-7489-949b-b38596cdc724', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38ec-77d4-a3b1-68edbbe2ecd2', 3.6, 39.5, 1.5, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-395b-7489-949b-b38596cdc724', 0, false, '01a21f38-3918-760b-be5f-ac2e04ded1ca', 0, NULL, ''),
	('01a21f38-3993-74ae-88f9-f9bfee6172c1', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-396f-731e-8d64-d08242e3fa1d', 1.8, 17.5, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3993-74ae-88f9-f9bfee6172c1', 0, false, '01a21f38-3984-740f-832a-a5e51da82904', 0.24, NULL, ''),
	('01a21f38-39a3-713f-9837-1e9b5127fbf1', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-396f-731e-8d64-d08242e3fa1d', 2.28, 32, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-39a3-713f-9837-1e9b5127fbf1', 0, false, '01a21f38-3984-740f-832a-a5e51da82904', 0.24, NULL, ''),
	('01a21f38-39b1-756e-85a8-ab7984952dba', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-396f-731e-8d64-d08242e3fa1d', 2.76, 41.5, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-39b1-756e-85a8-ab7984952dba', 0, false, '01a21f38-3984-740f-832a-a5e51da82904', 0.24, NULL, ''),
	('01a21f38-39c3-70bb-88ce-c2785cb13637', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-396f-731e-8d64-d08242e3fa1d', 3.12, 49, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-39c3-70bb-88ce-c2785cb13637', 0, false, '01a21f38-3984-740f-832a-a5e51da82904', 0.24, NULL, ''),
	('01a21f38-39d1-77c6-a497-27603e4dba12', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-396f-731e-8d64-d08242e3fa1d', 2.64, 37, NULL, NULL, 'unloading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-39d1-77c6-a497-27603e4dba12', 0, false, '01a21f38-3984-740f-832a-a5e51da82904', 0.24, NULL, ''),
	('01a21f38-39e0-76a3-89eb-d6b665e15c1e', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-396f-731e-8d64-d08242e3fa1d', 2.04, 22.5, NULL, NULL, 'unloading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-39e0-76a3-89eb-d6b665e15c1e', 0, false, '01a21f38-3984-740f-832a-a5e51da82904', 0.24, NULL, ''),
	('01a21f38-3a29-71bb-badd-0de8bf785349', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-39ff-7048-9f17-d4e9702a30d7', 1.35, 55, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3a29-71bb-badd-0de8bf785349', 0, false, '01a21f38-3a14-7226-9a1a-5ae7ba22348e', 0, NULL, ''),
	('01a21f38-3a35-771f-8948-1e32fc514121', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-39ff-7048-9f17-d4e9702a30d7', 1.77, 100.5, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3a35-771f-8948-1e32fc514121', 0, false, '01a21f38-3a14-7226-9a1a-5ae7ba22348e', 0, NULL, ''),
	('01a21f38-3a47-7227-af44-e3549a5dc1c1', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-39ff-7048-9f17-d4e9702a30d7', 2.18, 128, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3a47-7227-af44-e3549a5dc1c1', 0, false, '01a21f38-3a14-7226-9a1a-5ae7ba22348e', 0, NULL, ''),
	('01a21f38-3a8d-72fc-82de-d79496b6a48a', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3a73-77bd-bc1b-3006f7ee2582', 2.04, 16, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3a8d-72fc-82de-d79496b6a48a', 0, false, '01a21f38-3a7f-747b-856e-95d90c81acfb', 0.24, NULL, ''),
	('01a21f38-3a99-771a-93cb-f7c9161f29c3', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3a73-77bd-bc1b-3006f7ee2582', 2.64, 24.7, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3a99-771a-93cb-f7c9161f29c3', 0, false, '01a21f38-3a7f-747b-856e-95d90c81acfb', 0.24, NULL, ''),
	('01a21f38-3aa4-73ce-b9f1-e9a1fdc33e1e', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3a73-77bd-bc1b-3006f7ee2582', 3.12, 30.6, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3aa4-73ce-b9f1-e9a1fdc33e1e', 0, false, '01a21f38-3a7f-747b-856e-95d90c81acfb', 0.24, NULL, ''),
	('01a21f38-3ad4-7056-bd43-698ec367f7ad', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3ac0-714e-8a5e-682a6e5b27d5', 1.35, 70.5, NULL, NULL, 'loading', '2026-04-28 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3ad4-7056-bd43-698ec367f7ad', 0, false, '01a21f38-3aca-74ee-ac24-e2e4ec8994d2', 0, NULL, ''),
	('01a21f38-3add-7488-be58-e8457e04da50', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3ac0-714e-8a5e-682a6e5b27d5', 1.77, 132, NULL, NULL, 'loading', '2026-04-28 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3add-7488-be58-e8457e04da50', 0, false, '01a21f38-3aca-74ee-ac24-e2e4ec8994d2', 0, NULL, ''),
	('01a21f38-3aee-77ba-92a3-6ceb567cb531', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3ac0-714e-8a5e-682a6e5b27d5', 2.18, 172, NULL, NULL, 'loading', '2026-04-28 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3aee-77ba-92a3-6ceb567cb531', 0, false, '01a21f38-3aca-74ee-ac24-e2e4ec8994d2', 0, NULL, ''),
	('01a21f38-3b0a-733a-a842-c8295e2f32fb', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3ac0-714e-8a5e-682a6e5b27d5', 1.35, 59.5, NULL, NULL, 'loading', '2026-11-13 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3b0a-733a-a842-c8295e2f32fb', 0, false, '01a21f38-3b00-760e-a4ca-d36d86c85e98', 0, NULL, ''),
	('01a21f38-3b13-72f4-a85f-85e117f8f7f0', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3ac0-714e-8a5e-682a6e5b27d5', 1.77, 111.5, NULL, NULL, 'loading', '2026-11-13 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3b13-72f4-a85f-85e117f8f7f0', 0, false, '01a21f38-3b00-760e-a4ca-d36d86c85e98', 0, NULL, ''),
	('01a21f38-3b21-761a-b0b0-ccd2b6afa48a', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3ac0-714e-8a5e-682a6e5b27d5', 2.18, 144.5, NULL, NULL, 'loading', '2026-11-13 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3b21-761a-b0b0-ccd2b6afa48a', 0, false, '01a21f38-3b00-760e-a4ca-d36d86c85e98', 0, NULL, ''),
	('01a21f38-3b55-768a-9b88-bc1c9367783d', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3b3f-71ca-b13f-47d2ac27cf02', 1.3, 29, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3b55-768a-9b88-bc1c9367783d', 0, false, '01a21f38-3b4c-7002-ba7c-7049785d236e', 0, NULL, ''),
	('01a21f38-3b64-7070-82f9-dea6b36577d7', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3b3f-71ca-b13f-47d2ac27cf02', 1.56, 48, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3b64-7070-82f9-dea6b36577d7', 0, false, '01a21f38-3b4c-7002-ba7c-7049785d236e', 0, NULL, ''),
	('01a21f38-3b71-7241-9987-18d4c6c86aaa', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3b3f-71ca-b13f-47d2ac27cf02', 1.82, 62.5, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3b71-7241-9987-18d4c6c86aaa', 0, false, '01a21f38-3b4c-7002-ba7c-7049785d236e', 0, NULL, ''),
	('01a21f38-3b7b-7699-90c6-c240d762a323', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3b3f-71ca-b13f-47d2ac27cf02', 2.08, 75, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3b7b-7699-90c6-c240d762a323', 0, false, '01a21f38-3b4c-7002-ba7c-7049785d236e', 0, NULL, ''),
	('01a21f38-3b85-7078-9a68-a6ba5497be4e', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3b3f-71ca-b13f-47d2ac27cf02', 2.39, 83, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3b85-7078-9a68-a6ba5497be4e', 0, false, '01a21f38-3b4c-7002-ba7c-7049785d236e', 0, NULL, ''),
	('01a21f38-3be0-761f-a3c2-9d726e8d2bc6', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3bca-7088-96b8-5a6edb8c3ca0', 1.25, 61.5, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3be0-761f-a3c2-9d726e8d2bc6', 0, false, '01a21f38-3bd6-7659-a654-80977640ba43', 0, NULL, ''),
	('01a21f38-3bec-708d-b669-23f3d099a8dd', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3bca-7088-96b8-5a6edb8c3ca0', 1.56, 118, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3bec-708d-b669-23f3d099a8dd', 0, false, '01a21f38-3bd6-7659-a654-80977640ba43', 0, NULL, ''),
	('01a21f38-3bf5-7468-901a-3912ec307f3f', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3bca-7088-96b8-5a6edb8c3ca0', 1.87, 156, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3bf5-7468-901a-3912ec307f3f', 0, false, '01a21f38-3bd6-7659-a654-80977640ba43', 0, NULL, ''),
	('01a21f38-3bff-735a-ab3c-faaabb33fc83', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3bca-7088-96b8-5a6edb8c3ca0', 2.29, 197.5, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3bff-735a-ab3c-faaabb33fc83', 0, false, '01a21f38-3bd6-7659-a654-80977640ba43', 0, NULL, ''),
	('01a21f38-3c2e-70d3-bdc2-c3c654a6c7e9', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c18-719d-91e2-830102e73174', 1.65, 182.5, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3c2e-70d3-bdc2-c3c654a6c7e9', 0, false, '01a21f38-3c22-755f-b5d4-aad3dab433be', 0, NULL, ''),
	('01a21f38-3c67-72fd-8a5b-d3211bdef37e', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c49-753f-8127-06a1157ad867', 0.39, 25.5, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3c67-72fd-8a5b-d3211bdef37e', 0, false, '01a21f38-3c59-71e9-ad58-633a8c11c58b', 0, NULL, ''),
	('01a21f38-3c74-728e-9afc-c8f546dff947', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c49-753f-8127-06a1157ad867', 0.51, 44, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3c74-728e-9afc-c8f546dff947', 0, false, '01a21f38-3c59-71e9-ad58-633a8c11c58b', 0, NULL, ''),
	('01a21f38-3c7e-727d-81eb-e9520747d18b', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c49-753f-8127-06a1157ad867', 0.63, 60.5, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3c7e-727d-81eb-e9520747d18b', 0, false, '01a21f38-3c59-71e9-ad58-633a8c11c58b', 0, NULL, ''),
	('01a21f38-3ca6-71da-b376-f96090b5d53f', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c93-7122-9b5a-37e52d85f251', 1.35, 48, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3ca6-71da-b376-f96090b5d53f', 0, false, '01a21f38-3c9d-73c1-bc31-066294a416a0', 0, NULL, ''),
	('01a21f38-3caf-746f-bb68-19a4b487aef7', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c93-7122-9b5a-37e52d85f251', 1.66, 76.5, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3caf-746f-bb68-19a4b487aef7', 0, false, '01a21f38-3c9d-73c1-bc31-066294a416a0', 0, NULL, ''),
	('01a21f38-3cbe-74e5-9ff3-5c1a4f0e3778', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c93-7122-9b5a-37e52d85f251', 2.08, 105.5, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3cbe-74e5-9ff3-5c1a4f0e3778', 0, false, '01a21f38-3c9d-73c1-bc31-066294a416a0', 0, NULL, ''),
	('01a21f38-3cc7-72f6-a022-51c103e87b85', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c93-7122-9b5a-37e52d85f251', 2.39, 124, NULL, NULL, 'loading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3cc7-72f6-a022-51c103e87b85', 0, false, '01a21f38-3c9d-73c1-bc31-066294a416a0', 0, NULL, ''),
	('01a21f38-3cd0-7201-b11f-8bf35ea1fcb8', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c93-7122-9b5a-37e52d85f251', 1.98, 94, NULL, NULL, 'unloading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3cd0-7201-b11f-8bf35ea1fcb8', 0, false, '01a21f38-3c9d-73c1-bc31-066294a416a0', 0, NULL, ''),
	('01a21f38-3cda-75cc-ba66-1030bcbd36af', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3c93-7122-9b5a-37e52d85f251', 1.56, 64.5, NULL, NULL, 'unloading', '2026-10-09 09:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3cda-75cc-ba66-1030bcbd36af', 0, false, '01a21f38-3c9d-73c1-bc31-066294a416a0', 0, NULL, '');

INSERT INTO public.decision VALUES
	('01a21f38-3ec9-7220-b8b6-03a126624855', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3e5f-773d-8ed4-ff3392d66533', '01a21f38-38cb-7386-9afa-3da79440ec76', 'standing-row', 'accepted', '[{"load": 45.642577280459165, "title": "Reed at 1.60 m", "setupId": "01a21f38-3cee-73bc-958c-63fb0ef9ec04"}, {"load": 51.64337448401555, "title": "Reed at 1.65 m", "setupId": "01a21f38-3d56-7328-8b2b-29489281b523"}, {"load": 57.15137091280553, "title": "Reed at 1.70 m", "setupId": "01a21f38-3d9a-744e-aa50-6a8d114ef1a2"}, {"load": 62.24521068614632, "title": "Reed at 1.75 m", "setupId": "01a21f38-3dd9-72ed-a4fb-f8a36933b778"}, {"load": 66.9888453720743, "title": "Reed at 1.80 m", "setupId": "01a21f38-3e14-732b-913d-06e6c242ace7"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 45.642577280459165}, {"id": "Reed at 1.65 m", "load": 51.64337448401555}, {"id": "Reed at 1.70 m", "load": 57.15137091280553}, {"id": "Reed at 1.75 m", "load": 62.24521068614632}, {"id": "Reed at 1.80 m", "load": 66.9888453720743}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-17", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 11, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-04"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [0], "rest_s": 60, "target": [10, 10, 10]}}', '{"code": "more", "rungs": [0], "format": "wiry-otter.decision", "target": [13, 13, 12], "reasons": [{"rule": "gate.clearance", "text": "Cleared by the clinician until 4 Feb 2027.", "figures": {"date": "2026-10-17", "until": "2027-02-04"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 10–17, not full yet (12, 12, 11): one repetition more in each set.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "12, 12, 11"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.65 m, is 13 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 51.64337448401555, "from": 45.642577280459165, "step": 0.13147367131972842, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [13, 13, 12], "setupId": "01a21f38-3cee-73bc-958c-63fb0ef9ec04", "decidedAt": "2026-10-17T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-3f62-70db-b567-e88a4bebd990', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3edc-7697-8a0a-f4e904f96689', '01a21f38-38cb-7386-9afa-3da79440ec76', 'standing-row', 'accepted', '[{"load": 45.642577280459165, "title": "Reed at 1.60 m", "setupId": "01a21f38-3cee-73bc-958c-63fb0ef9ec04"}, {"load": 51.64337448401555, "title": "Reed at 1.65 m", "setupId": "01a21f38-3d56-7328-8b2b-29489281b523"}, {"load": 57.15137091280553, "title": "Reed at 1.70 m", "setupId": "01a21f38-3d9a-744e-aa50-6a8d114ef1a2"}, {"load": 62.24521068614632, "title": "Reed at 1.75 m", "setupId": "01a21f38-3dd9-72ed-a4fb-f8a36933b778"}, {"load": 66.9888453720743, "title": "Reed at 1.80 m", "setupId": "01a21f38-3e14-732b-913d-06e6c242ace7"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 45.642577280459165}, {"id": "Reed at 1.65 m", "load": 51.64337448401555}, {"id": "Reed at 1.70 m", "load": 57.15137091280553}, {"id": "Reed at 1.75 m", "load": 62.24521068614632}, {"id": "Reed at 1.80 m", "load": 66.9888453720743}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-17", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 11, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-20", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-04"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [0], "rest_s": 60, "target": [13, 13, 12]}}', '{"code": "more", "rungs": [0], "format": "wiry-otter.decision", "target": [15, 14, 14], "reasons": [{"rule": "gate.clearance", "text": "Cleared by the clinician until 4 Feb 2027.", "figures": {"date": "2026-10-20", "until": "2027-02-04"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 10–17, not full yet (14, 13, 13): one repetition more in each set.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "14, 13, 13"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.65 m, is 13 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 51.64337448401555, "from": 45.642577280459165, "step": 0.13147367131972842, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [15, 14, 14], "setupId": "01a21f38-3cee-73bc-958c-63fb0ef9ec04", "decidedAt": "2026-10-20T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-3ff9-70ea-ba30-67bf1d9a6c89', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3f89-7349-86fc-78748ef15151', '01a21f38-38cb-7386-9afa-3da79440ec76', 'standing-row', 'accepted', '[{"load": 45.642577280459165, "title": "Reed at 1.60 m", "setupId": "01a21f38-3cee-73bc-958c-63fb0ef9ec04"}, {"load": 51.64337448401555, "title": "Reed at 1.65 m", "setupId": "01a21f38-3d56-7328-8b2b-29489281b523"}, {"load": 57.15137091280553, "title": "Reed at 1.70 m", "setupId": "01a21f38-3d9a-744e-aa50-6a8d114ef1a2"}, {"load": 62.24521068614632, "title": "Reed at 1.75 m", "setupId": "01a21f38-3dd9-72ed-a4fb-f8a36933b778"}, {"load": 66.9888453720743, "title": "Reed at 1.80 m", "setupId": "01a21f38-3e14-732b-913d-06e6c242ace7"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 45.642577280459165}, {"id": "Reed at 1.65 m", "load": 51.64337448401555}, {"id": "Reed at 1.70 m", "load": 57.15137091280553}, {"id": "Reed at 1.75 m", "load": 62.24521068614632}, {"id": "Reed at 1.80 m", "load": 66.9888453720743}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-17", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 11, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-20", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-24", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-04"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [0], "rest_s": 60, "target": [15, 14, 14]}}', '{"code": "heavier", "rungs": [1], "format": "wiry-otter.decision", "target": [10, 10, 10], "reasons": [{"rule": "gate.clearance", "text": "Cleared by the clinician until 4 Feb 2027.", "figures": {"date": "2026-10-24", "until": "2027-02-04"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.full", "text": "Every set reached 17: 17, 17, 17.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "17, 17, 17"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.65 m, is 13 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 51.64337448401555, "from": 45.642577280459165, "step": 0.13147367131972842, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [10, 10, 10], "setupId": "01a21f38-3d56-7328-8b2b-29489281b523", "decidedAt": "2026-10-24T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-407b-741d-bf27-4ac63cbd309e', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4013-746a-9465-ded777e739d0', '01a21f38-38cb-7386-9afa-3da79440ec76', 'standing-row', 'accepted', '[{"load": 45.642577280459165, "title": "Reed at 1.60 m", "setupId": "01a21f38-3cee-73bc-958c-63fb0ef9ec04"}, {"load": 51.64337448401555, "title": "Reed at 1.65 m", "setupId": "01a21f38-3d56-7328-8b2b-29489281b523"}, {"load": 57.15137091280553, "title": "Reed at 1.70 m", "setupId": "01a21f38-3d9a-744e-aa50-6a8d114ef1a2"}, {"load": 62.24521068614632, "title": "Reed at 1.75 m", "setupId": "01a21f38-3dd9-72ed-a4fb-f8a36933b778"}, {"load": 66.9888453720743, "title": "Reed at 1.80 m", "setupId": "01a21f38-3e14-732b-913d-06e6c242ace7"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 45.642577280459165}, {"id": "Reed at 1.65 m", "load": 51.64337448401555}, {"id": "Reed at 1.70 m", "load": 57.15137091280553}, {"id": "Reed at 1.75 m", "load": 62.24521068614632}, {"id": "Reed at 1.80 m", "load": 66.9888453720743}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-17", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 11, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-20", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-24", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-27", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 10, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-04"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [1], "rest_s": 60, "target": [10, 10, 10]}}', '{"code": "more", "rungs": [1], "format": "wiry-otter.decision", "target": [13, 13, 11], "reasons": [{"rule": "gate.clearance", "text": "Cleared by the clinician until 4 Feb 2027.", "figures": {"date": "2026-10-27", "until": "2027-02-04"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 10–17, not full yet (12, 12, 10): one repetition more in each set.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "12, 12, 10"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.70 m, is 11 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 57.15137091280553, "from": 51.64337448401555, "step": 0.10665446407834556, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [13, 13, 11], "setupId": "01a21f38-3d56-7328-8b2b-29489281b523", "decidedAt": "2026-10-27T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-40f5-7728-a846-d1a8dc407055', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4096-70ef-a587-c1cd4eb98fbd', '01a21f38-38cb-7386-9afa-3da79440ec76', 'standing-row', 'accepted', '[{"load": 45.642577280459165, "title": "Reed at 1.60 m", "setupId": "01a21f38-3cee-73bc-958c-63fb0ef9ec04"}, {"load": 51.64337448401555, "title": "Reed at 1.65 m", "setupId": "01a21f38-3d56-7328-8b2b-29489281b523"}, {"load": 57.15137091280553, "title": "Reed at 1.70 m", "setupId": "01a21f38-3d9a-744e-aa50-6a8d114ef1a2"}, {"load": 62.24521068614632, "title": "Reed at 1.75 m", "setupId": "01a21f38-3dd9-72ed-a4fb-f8a36933b778"}, {"load": 66.9888453720743, "title": "Reed at 1.80 m", "setupId": "01a21f38-3e14-732b-913d-06e6c242ace7"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 45.642577280459165}, {"id": "Reed at 1.65 m", "load": 51.64337448401555}, {"id": "Reed at 1.70 m", "load": 57.15137091280553}, {"id": "Reed at 1.75 m", "load": 62.24521068614632}, {"id": "Reed at 1.80 m", "load": 66.9888453720743}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-17", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 11, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-20", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-24", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-27", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 10, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-31", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 2, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 3, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-04"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [1], "rest_s": 60, "target": [13, 13, 11]}}', '{"code": "lighter", "rungs": [0], "format": "wiry-otter.decision", "target": [13, 13, 11], "reasons": [{"rule": "gate.clearance", "text": "Cleared by the clinician until 4 Feb 2027.", "figures": {"date": "2026-10-31", "until": "2027-02-04"}}, {"rule": "gate.pain", "text": "Pain of 3 in 10, over the limit of 2: one rung lighter.", "figures": {"pain": 3, "limit": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [13, 13, 11], "setupId": "01a21f38-3cee-73bc-958c-63fb0ef9ec04", "decidedAt": "2026-10-31T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-4168-7027-ba79-7fc27fbdb760', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-410a-7348-899b-03b39ff1b189', '01a21f38-38cb-7386-9afa-3da79440ec76', 'standing-row', 'accepted', '[{"load": 45.642577280459165, "title": "Reed at 1.60 m", "setupId": "01a21f38-3cee-73bc-958c-63fb0ef9ec04"}, {"load": 51.64337448401555, "title": "Reed at 1.65 m", "setupId": "01a21f38-3d56-7328-8b2b-29489281b523"}, {"load": 57.15137091280553, "title": "Reed at 1.70 m", "setupId": "01a21f38-3d9a-744e-aa50-6a8d114ef1a2"}, {"load": 62.24521068614632, "title": "Reed at 1.75 m", "setupId": "01a21f38-3dd9-72ed-a4fb-f8a36933b778"}, {"load": 66.9888453720743, "title": "Reed at 1.80 m", "setupId": "01a21f38-3e14-732b-913d-06e6c242ace7"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 45.642577280459165}, {"id": "Reed at 1.65 m", "load": 51.64337448401555}, {"id": "Reed at 1.70 m", "load": 57.15137091280553}, {"id": "Reed at 1.75 m", "load": 62.24521068614632}, {"id": "Reed at 1.80 m", "load": 66.9888453720743}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-17", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 11, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-20", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-24", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-27", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 10, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-31", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 2, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 3, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-03", "sets": [{"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-04"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [0], "rest_s": 60, "target": [13, 13, 11]}}', '{"code": "more", "rungs": [0], "format": "wiry-otter.decision", "target": [14, 14, 14], "reasons": [{"rule": "gate.clearance", "text": "Cleared by the clinician until 4 Feb 2027.", "figures": {"date": "2026-11-03", "until": "2027-02-04"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 10–17, not full yet (13, 13, 13): one repetition more in each set.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "13, 13, 13"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.65 m, is 13 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 51.64337448401555, "from": 45.642577280459165, "step": 0.13147367131972842, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [14, 14, 14], "setupId": "01a21f38-3cee-73bc-958c-63fb0ef9ec04", "decidedAt": "2026-11-03T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-41cf-7599-887a-9d8a92c0b9d8', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-417f-7514-9cd8-0ca74e0a3486', '01a21f38-38cb-7386-9afa-3da79440ec76', 'standing-row', 'accepted', '[{"load": 45.642577280459165, "title": "Reed at 1.60 m", "setupId": "01a21f38-3cee-73bc-958c-63fb0ef9ec04"}, {"load": 51.64337448401555, "title": "Reed at 1.65 m", "setupId": "01a21f38-3d56-7328-8b2b-29489281b523"}, {"load": 57.15137091280553, "title": "Reed at 1.70 m", "setupId": "01a21f38-3d9a-744e-aa50-6a8d114ef1a2"}, {"load": 62.24521068614632, "title": "Reed at 1.75 m", "setupId": "01a21f38-3dd9-72ed-a4fb-f8a36933b778"}, {"load": 66.9888453720743, "title": "Reed at 1.80 m", "setupId": "01a21f38-3e14-732b-913d-06e6c242ace7"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 45.642577280459165}, {"id": "Reed at 1.65 m", "load": 51.64337448401555}, {"id": "Reed at 1.70 m", "load": 57.15137091280553}, {"id": "Reed at 1.75 m", "load": 62.24521068614632}, {"id": "Reed at 1.80 m", "load": 66.9888453720743}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-20", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-10-24", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-27", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 10, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-31", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 2, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 3, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-03", "sets": [{"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-07", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 15, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-04"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [0], "rest_s": 60, "target": [14, 14, 14]}}', '{"code": "more", "rungs": [0], "format": "wiry-otter.decision", "target": [16, 16, 16], "reasons": [{"rule": "gate.clearance", "text": "Cleared by the clinician until 4 Feb 2027.", "figures": {"date": "2026-11-07", "until": "2027-02-04"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 10–17, not full yet (15, 15, 15): one repetition more in each set.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "15, 15, 15"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.65 m, is 13 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 51.64337448401555, "from": 45.642577280459165, "step": 0.13147367131972842, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [16, 16, 16], "setupId": "01a21f38-3cee-73bc-958c-63fb0ef9ec04", "decidedAt": "2026-11-07T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-4232-7523-b314-6396556df6b6', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-41e3-774a-9c38-9f87562ab760', '01a21f38-38cb-7386-9afa-3da79440ec76', 'standing-row', 'accepted', '[{"load": 45.642577280459165, "title": "Reed at 1.60 m", "setupId": "01a21f38-3cee-73bc-958c-63fb0ef9ec04"}, {"load": 51.64337448401555, "title": "Reed at 1.65 m", "setupId": "01a21f38-3d56-7328-8b2b-29489281b523"}, {"load": 57.15137091280553, "title": "Reed at 1.70 m", "setupId": "01a21f38-3d9a-744e-aa50-6a8d114ef1a2"}, {"load": 62.24521068614632, "title": "Reed at 1.75 m", "setupId": "01a21f38-3dd9-72ed-a4fb-f8a36933b778"}, {"load": 66.9888453720743, "title": "Reed at 1.80 m", "setupId": "01a21f38-3e14-732b-913d-06e6c242ace7"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 45.642577280459165}, {"id": "Reed at 1.65 m", "load": 51.64337448401555}, {"id": "Reed at 1.70 m", "load": 57.15137091280553}, {"id": "Reed at 1.75 m", "load": 62.24521068614632}, {"id": "Reed at 1.80 m", "load": 66.9888453720743}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-24", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-27", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 10, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-31", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 2, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 3, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-03", "sets": [{"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-07", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 15, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-10", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-04"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [0], "rest_s": 60, "target": [16, 16, 16]}}', '{"code": "heavier", "rungs": [1], "format": "wiry-otter.decision", "target": [10, 10, 10], "reasons": [{"rule": "gate.clearance", "text": "Cleared by the clinician until 4 Feb 2027.", "figures": {"date": "2026-11-10", "until": "2027-02-04"}}, {"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 2.", "figures": {"pain": 0, "limit": 2}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.full", "text": "Every set reached 17: 17, 17, 17.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "17, 17, 17"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.65 m, is 13 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 51.64337448401555, "from": 45.642577280459165, "step": 0.13147367131972842, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [10, 10, 10], "setupId": "01a21f38-3d56-7328-8b2b-29489281b523", "decidedAt": "2026-11-10T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-42a0-7449-a704-6563caca6aeb', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4245-734a-ae3b-61cbb92f146f', '01a21f38-38cb-7386-9afa-3da79440ec76', 'standing-row', 'accepted', '[{"load": 45.642577280459165, "title": "Reed at 1.60 m", "setupId": "01a21f38-3cee-73bc-958c-63fb0ef9ec04"}, {"load": 51.64337448401555, "title": "Reed at 1.65 m", "setupId": "01a21f38-3d56-7328-8b2b-29489281b523"}, {"load": 57.15137091280553, "title": "Reed at 1.70 m", "setupId": "01a21f38-3d9a-744e-aa50-6a8d114ef1a2"}, {"load": 62.24521068614632, "title": "Reed at 1.75 m", "setupId": "01a21f38-3dd9-72ed-a4fb-f8a36933b778"}, {"load": 66.9888453720743, "title": "Reed at 1.80 m", "setupId": "01a21f38-3e14-732b-913d-06e6c242ace7"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 45.642577280459165}, {"id": "Reed at 1.65 m", "load": 51.64337448401555}, {"id": "Reed at 1.70 m", "load": 57.15137091280553}, {"id": "Reed at 1.75 m", "load": 62.24521068614632}, {"id": "Reed at 1.80 m", "load": 66.9888453720743}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-27", "sets": [{"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 10, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-31", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 2, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 3, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-03", "sets": [{"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-07", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 15, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-10", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-14", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-04"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [1], "rest_s": 60, "target": [10, 10, 10]}}', '{"code": "more", "rungs": [1], "format": "wiry-otter.decision", "target": [14, 13, 13], "reasons": [{"rule": "gate.clearance", "text": "Cleared by the clinician until 4 Feb 2027.", "figures": {"date": "2026-11-14", "until": "2027-02-04"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 10–17, not full yet (13, 12, 12): one repetition more in each set.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "13, 12, 12"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.70 m, is 11 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 57.15137091280553, "from": 51.64337448401555, "step": 0.10665446407834556, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [14, 13, 13], "setupId": "01a21f38-3d56-7328-8b2b-29489281b523", "decidedAt": "2026-11-14T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-4319-719a-b219-e4e29b4f1274', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-42b2-77be-8080-3caa5aa10230', '01a21f38-38cb-7386-9afa-3da79440ec76', 'standing-row', 'accepted', '[{"load": 45.642577280459165, "title": "Reed at 1.60 m", "setupId": "01a21f38-3cee-73bc-958c-63fb0ef9ec04"}, {"load": 51.64337448401555, "title": "Reed at 1.65 m", "setupId": "01a21f38-3d56-7328-8b2b-29489281b523"}, {"load": 57.15137091280553, "title": "Reed at 1.70 m", "setupId": "01a21f38-3d9a-744e-aa50-6a8d114ef1a2"}, {"load": 62.24521068614632, "title": "Reed at 1.75 m", "setupId": "01a21f38-3dd9-72ed-a4fb-f8a36933b778"}, {"load": 66.9888453720743, "title": "Reed at 1.80 m", "setupId": "01a21f38-3e14-732b-913d-06e6c242ace7"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 45.642577280459165}, {"id": "Reed at 1.65 m", "load": 51.64337448401555}, {"id": "Reed at 1.70 m", "load": 57.15137091280553}, {"id": "Reed at 1.75 m", "load": 62.24521068614632}, {"id": "Reed at 1.80 m", "load": 66.9888453720743}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-31", "sets": [{"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 2, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 3, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-03", "sets": [{"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-07", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 15, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-10", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-14", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-17", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-04"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [1], "rest_s": 60, "target": [14, 13, 13]}}', '{"code": "more", "rungs": [1], "format": "wiry-otter.decision", "target": [16, 15, 15], "reasons": [{"rule": "gate.clearance", "text": "Cleared by the clinician until 4 Feb 2027.", "figures": {"date": "2026-11-17", "until": "2027-02-04"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 10–17, not full yet (15, 14, 14): one repetition more in each set.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "15, 14, 14"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.70 m, is 11 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 57.15137091280553, "from": 51.64337448401555, "step": 0.10665446407834556, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [16, 15, 15], "setupId": "01a21f38-3d56-7328-8b2b-29489281b523", "decidedAt": "2026-11-17T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-4398-70ef-9742-34262803018d', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4335-7278-86c9-49603c6118f0', '01a21f38-38cb-7386-9afa-3da79440ec76', 'standing-row', 'accepted', '[{"load": 45.642577280459165, "title": "Reed at 1.60 m", "setupId": "01a21f38-3cee-73bc-958c-63fb0ef9ec04"}, {"load": 51.64337448401555, "title": "Reed at 1.65 m", "setupId": "01a21f38-3d56-7328-8b2b-29489281b523"}, {"load": 57.15137091280553, "title": "Reed at 1.70 m", "setupId": "01a21f38-3d9a-744e-aa50-6a8d114ef1a2"}, {"load": 62.24521068614632, "title": "Reed at 1.75 m", "setupId": "01a21f38-3dd9-72ed-a4fb-f8a36933b778"}, {"load": 66.9888453720743, "title": "Reed at 1.80 m", "setupId": "01a21f38-3e14-732b-913d-06e6c242ace7"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 45.642577280459165}, {"id": "Reed at 1.65 m", "load": 51.64337448401555}, {"id": "Reed at 1.70 m", "load": 57.15137091280553}, {"id": "Reed at 1.75 m", "load": 62.24521068614632}, {"id": "Reed at 1.80 m", "load": 66.9888453720743}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-11-03", "sets": [{"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 13, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-07", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 15, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-10", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-14", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-17", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-21", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-04"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [1], "rest_s": 60, "target": [16, 15, 15]}}', '{"code": "heavier", "rungs": [2], "format": "wiry-otter.decision", "target": [10, 10, 10], "reasons": [{"rule": "gate.clearance", "text": "Cleared by the clinician until 4 Feb 2027.", "figures": {"date": "2026-11-21", "until": "2027-02-04"}}, {"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 2.", "figures": {"pain": 0, "limit": 2}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.full", "text": "Every set reached 17: 17, 17, 17.", "figures": {"to": 15, "from": 10, "goal": 17, "reps": "17, 17, 17"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Reed at 1.70 m, is 11 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 57.15137091280553, "from": 51.64337448401555, "step": 0.10665446407834556, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [10, 10, 10], "setupId": "01a21f38-3d9a-744e-aa50-6a8d114ef1a2", "decidedAt": "2026-11-21T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-442d-77d9-b33e-761291b021f1', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-43af-7678-b07e-f63180b5449b', '01a21f38-38cb-7386-9afa-3da79440ec76', 'standing-row', 'accepted', '[{"load": 45.642577280459165, "title": "Reed at 1.60 m", "setupId": "01a21f38-3cee-73bc-958c-63fb0ef9ec04"}, {"load": 51.64337448401555, "title": "Reed at 1.65 m", "setupId": "01a21f38-3d56-7328-8b2b-29489281b523"}, {"load": 57.15137091280553, "title": "Reed at 1.70 m", "setupId": "01a21f38-3d9a-744e-aa50-6a8d114ef1a2"}, {"load": 62.24521068614632, "title": "Reed at 1.75 m", "setupId": "01a21f38-3dd9-72ed-a4fb-f8a36933b778"}, {"load": 66.9888453720743, "title": "Reed at 1.80 m", "setupId": "01a21f38-3e14-732b-913d-06e6c242ace7"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Reed at 1.60 m", "load": 45.642577280459165}, {"id": "Reed at 1.65 m", "load": 51.64337448401555}, {"id": "Reed at 1.70 m", "load": 57.15137091280553}, {"id": "Reed at 1.75 m", "load": 62.24521068614632}, {"id": "Reed at 1.80 m", "load": 66.9888453720743}], "limits": {"pain": 2}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-11-07", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 3, "partial": 0}, {"form": "clean", "pain": 1, "reps": 15, "rung": 0, "spare": 3, "partial": 0}], "redFlag": false}, {"date": "2026-11-10", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-14", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 12, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-17", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-21", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-24", "sets": [{"form": "clean", "pain": 0, "reps": 11, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 1, "reps": 10, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}], "clearance": {"until": "2027-02-04"}, "prescription": {"reps": {"to": 15, "from": 10}, "sets": 3, "rungs": [2], "rest_s": 60, "target": [10, 10, 10]}}', '{"code": "more", "rungs": [2], "format": "wiry-otter.decision", "target": [12, 11, 11], "reasons": [{"rule": "gate.clearance", "text": "Cleared by the clinician until 4 Feb 2027.", "figures": {"date": "2026-11-24", "until": "2027-02-04"}}, {"rule": "gate.pain", "text": "Pain at most 1 in 10, limit 2.", "figures": {"pain": 1, "limit": 2}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 10–15, not full yet (11, 10, 10): one repetition more in each set.", "figures": {"to": 15, "from": 10, "goal": 15, "reps": "11, 10, 10"}}, {"rule": "ladder.step", "text": "The next rung, Reed at 1.75 m, is 9 % up.", "figures": {"to": 62.24521068614632, "from": 57.15137091280553, "step": 0.08912891662935496, "extra": 0}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [12, 11, 11], "setupId": "01a21f38-3d9a-744e-aa50-6a8d114ef1a2", "decidedAt": "2026-11-24T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-4535-747c-8176-b3c288774a37', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-44e3-7317-91a0-ebcac51387f3', '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', 'accepted', '[{"load": 93.09051641560977, "title": "Willow at 1.80 m", "setupId": "01a21f38-443f-7625-9df5-1fd89d9e37e2"}, {"load": 106.01512593160892, "title": "Willow at 1.90 m", "setupId": "01a21f38-445d-7498-abce-fea035efa381"}, {"load": 117.61295984435526, "title": "Willow at 2.00 m", "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37"}, {"load": 136.36901911859826, "title": "Heron at 2.00 m", "setupId": "01a21f38-449d-7688-b8a9-652dda1b8242"}, {"load": 160.1577355114084, "title": "Heron at 2.20 m", "setupId": "01a21f38-44b9-77da-b357-d0acb6051e84"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 93.09051641560977}, {"id": "Willow at 1.90 m", "load": 106.01512593160892}, {"id": "Willow at 2.00 m", "load": 117.61295984435526}, {"id": "Heron at 2.00 m", "load": 136.36901911859826}, {"id": "Heron at 2.20 m", "load": 160.1577355114084}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-16", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [0], "rest_s": 90, "target": [8, 8, 8]}}', '{"code": "more", "rungs": [0], "format": "wiry-otter.decision", "target": [13, 12, 11], "reasons": [{"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 8–17, not full yet (12, 11, 10): one repetition more in each set.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "12, 11, 10"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Willow at 1.90 m, is 14 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 106.01512593160892, "from": 93.09051641560977, "step": 0.13883916443535704, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [13, 12, 11], "setupId": "01a21f38-443f-7625-9df5-1fd89d9e37e2", "decidedAt": "2026-10-16T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-4598-7558-9835-727687426278', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-454b-7438-a750-f72e4fef2921', '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', 'accepted', '[{"load": 93.09051641560977, "title": "Willow at 1.80 m", "setupId": "01a21f38-443f-7625-9df5-1fd89d9e37e2"}, {"load": 106.01512593160892, "title": "Willow at 1.90 m", "setupId": "01a21f38-445d-7498-abce-fea035efa381"}, {"load": 117.61295984435526, "title": "Willow at 2.00 m", "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37"}, {"load": 136.36901911859826, "title": "Heron at 2.00 m", "setupId": "01a21f38-449d-7688-b8a9-652dda1b8242"}, {"load": 160.1577355114084, "title": "Heron at 2.20 m", "setupId": "01a21f38-44b9-77da-b357-d0acb6051e84"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 93.09051641560977}, {"id": "Willow at 1.90 m", "load": 106.01512593160892}, {"id": "Willow at 2.00 m", "load": 117.61295984435526}, {"id": "Heron at 2.00 m", "load": 136.36901911859826}, {"id": "Heron at 2.20 m", "load": 160.1577355114084}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-16", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-19", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [0], "rest_s": 90, "target": [13, 12, 11]}}', '{"code": "more", "rungs": [0], "format": "wiry-otter.decision", "target": [15, 14, 13], "reasons": [{"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 8–17, not full yet (14, 13, 12): one repetition more in each set.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "14, 13, 12"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Willow at 1.90 m, is 14 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 106.01512593160892, "from": 93.09051641560977, "step": 0.13883916443535704, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [15, 14, 13], "setupId": "01a21f38-443f-7625-9df5-1fd89d9e37e2", "decidedAt": "2026-10-19T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-4614-772a-a96a-fa5e77e84e47', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-45aa-7769-a273-37a153a31938', '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', 'accepted', '[{"load": 93.09051641560977, "title": "Willow at 1.80 m", "setupId": "01a21f38-443f-7625-9df5-1fd89d9e37e2"}, {"load": 106.01512593160892, "title": "Willow at 1.90 m", "setupId": "01a21f38-445d-7498-abce-fea035efa381"}, {"load": 117.61295984435526, "title": "Willow at 2.00 m", "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37"}, {"load": 136.36901911859826, "title": "Heron at 2.00 m", "setupId": "01a21f38-449d-7688-b8a9-652dda1b8242"}, {"load": 160.1577355114084, "title": "Heron at 2.20 m", "setupId": "01a21f38-44b9-77da-b357-d0acb6051e84"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 93.09051641560977}, {"id": "Willow at 1.90 m", "load": 106.01512593160892}, {"id": "Willow at 2.00 m", "load": 117.61295984435526}, {"id": "Heron at 2.00 m", "load": 136.36901911859826}, {"id": "Heron at 2.20 m", "load": 160.1577355114084}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-16", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-19", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-23", "sets": [{"form": "clean", "pain": 0, "reps": 16, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [0], "rest_s": 90, "target": [15, 14, 13]}}', '{"code": "more", "rungs": [0], "format": "wiry-otter.decision", "target": [17, 16, 16], "reasons": [{"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 8–17, not full yet (16, 15, 15): one repetition more in each set.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "16, 15, 15"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Willow at 1.90 m, is 14 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 106.01512593160892, "from": 93.09051641560977, "step": 0.13883916443535704, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [17, 16, 16], "setupId": "01a21f38-443f-7625-9df5-1fd89d9e37e2", "decidedAt": "2026-10-23T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-46ad-75da-8159-c309b6e3c2b4', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-462d-71cb-94a9-06652cb4600b', '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', 'accepted', '[{"load": 93.09051641560977, "title": "Willow at 1.80 m", "setupId": "01a21f38-443f-7625-9df5-1fd89d9e37e2"}, {"load": 106.01512593160892, "title": "Willow at 1.90 m", "setupId": "01a21f38-445d-7498-abce-fea035efa381"}, {"load": 117.61295984435526, "title": "Willow at 2.00 m", "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37"}, {"load": 136.36901911859826, "title": "Heron at 2.00 m", "setupId": "01a21f38-449d-7688-b8a9-652dda1b8242"}, {"load": 160.1577355114084, "title": "Heron at 2.20 m", "setupId": "01a21f38-44b9-77da-b357-d0acb6051e84"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 93.09051641560977}, {"id": "Willow at 1.90 m", "load": 106.01512593160892}, {"id": "Willow at 2.00 m", "load": 117.61295984435526}, {"id": "Heron at 2.00 m", "load": 136.36901911859826}, {"id": "Heron at 2.20 m", "load": 160.1577355114084}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-16", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-19", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-23", "sets": [{"form": "clean", "pain": 0, "reps": 16, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-26", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [0], "rest_s": 90, "target": [17, 16, 16]}}', '{"code": "heavier", "rungs": [1], "format": "wiry-otter.decision", "target": [8, 8, 8], "reasons": [{"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.full", "text": "Every set reached 17: 17, 17, 17.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "17, 17, 17"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Willow at 1.90 m, is 14 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 106.01512593160892, "from": 93.09051641560977, "step": 0.13883916443535704, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [8, 8, 8], "setupId": "01a21f38-445d-7498-abce-fea035efa381", "decidedAt": "2026-10-26T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-475e-763e-9a71-c713d3ee9eb4', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-46c9-708d-838f-e9b710bd406c', '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', 'accepted', '[{"load": 93.09051641560977, "title": "Willow at 1.80 m", "setupId": "01a21f38-443f-7625-9df5-1fd89d9e37e2"}, {"load": 106.01512593160892, "title": "Willow at 1.90 m", "setupId": "01a21f38-445d-7498-abce-fea035efa381"}, {"load": 117.61295984435526, "title": "Willow at 2.00 m", "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37"}, {"load": 136.36901911859826, "title": "Heron at 2.00 m", "setupId": "01a21f38-449d-7688-b8a9-652dda1b8242"}, {"load": 160.1577355114084, "title": "Heron at 2.20 m", "setupId": "01a21f38-44b9-77da-b357-d0acb6051e84"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 93.09051641560977}, {"id": "Willow at 1.90 m", "load": 106.01512593160892}, {"id": "Willow at 2.00 m", "load": 117.61295984435526}, {"id": "Heron at 2.00 m", "load": 136.36901911859826}, {"id": "Heron at 2.20 m", "load": 160.1577355114084}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-16", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-19", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-23", "sets": [{"form": "clean", "pain": 0, "reps": 16, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-26", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-10-30", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [1], "rest_s": 90, "target": [8, 8, 8]}}', '{"code": "more", "rungs": [1], "format": "wiry-otter.decision", "target": [14, 13, 12], "reasons": [{"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 8–17, not full yet (13, 12, 11): one repetition more in each set.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "13, 12, 11"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Willow at 2.00 m, is 11 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 117.61295984435526, "from": 106.01512593160892, "step": 0.10939791667302434, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [14, 13, 12], "setupId": "01a21f38-445d-7498-abce-fea035efa381", "decidedAt": "2026-10-30T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-47f5-737c-a1d5-23d163aee62c', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-477e-717f-b3fd-44400735eb15', '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', 'accepted', '[{"load": 93.09051641560977, "title": "Willow at 1.80 m", "setupId": "01a21f38-443f-7625-9df5-1fd89d9e37e2"}, {"load": 106.01512593160892, "title": "Willow at 1.90 m", "setupId": "01a21f38-445d-7498-abce-fea035efa381"}, {"load": 117.61295984435526, "title": "Willow at 2.00 m", "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37"}, {"load": 136.36901911859826, "title": "Heron at 2.00 m", "setupId": "01a21f38-449d-7688-b8a9-652dda1b8242"}, {"load": 160.1577355114084, "title": "Heron at 2.20 m", "setupId": "01a21f38-44b9-77da-b357-d0acb6051e84"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 93.09051641560977}, {"id": "Willow at 1.90 m", "load": 106.01512593160892}, {"id": "Willow at 2.00 m", "load": 117.61295984435526}, {"id": "Heron at 2.00 m", "load": 136.36901911859826}, {"id": "Heron at 2.20 m", "load": 160.1577355114084}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-16", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-19", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-23", "sets": [{"form": "clean", "pain": 0, "reps": 16, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-26", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-10-30", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-02", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [1], "rest_s": 90, "target": [14, 13, 12]}}', '{"code": "more", "rungs": [1], "format": "wiry-otter.decision", "target": [16, 15, 15], "reasons": [{"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 8–17, not full yet (15, 14, 14): one repetition more in each set.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "15, 14, 14"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Willow at 2.00 m, is 11 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 117.61295984435526, "from": 106.01512593160892, "step": 0.10939791667302434, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [16, 15, 15], "setupId": "01a21f38-445d-7498-abce-fea035efa381", "decidedAt": "2026-11-02T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-4891-745c-808f-bd5db288426b', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-481d-71b7-8ec5-bdec0241bdb0', '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', 'accepted', '[{"load": 93.09051641560977, "title": "Willow at 1.80 m", "setupId": "01a21f38-443f-7625-9df5-1fd89d9e37e2"}, {"load": 106.01512593160892, "title": "Willow at 1.90 m", "setupId": "01a21f38-445d-7498-abce-fea035efa381"}, {"load": 117.61295984435526, "title": "Willow at 2.00 m", "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37"}, {"load": 136.36901911859826, "title": "Heron at 2.00 m", "setupId": "01a21f38-449d-7688-b8a9-652dda1b8242"}, {"load": 160.1577355114084, "title": "Heron at 2.20 m", "setupId": "01a21f38-44b9-77da-b357-d0acb6051e84"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 93.09051641560977}, {"id": "Willow at 1.90 m", "load": 106.01512593160892}, {"id": "Willow at 2.00 m", "load": 117.61295984435526}, {"id": "Heron at 2.00 m", "load": 136.36901911859826}, {"id": "Heron at 2.20 m", "load": 160.1577355114084}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-19", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-23", "sets": [{"form": "clean", "pain": 0, "reps": 16, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-26", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-10-30", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-02", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-06", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [1], "rest_s": 90, "target": [16, 15, 15]}}', '{"code": "heavier", "rungs": [2], "format": "wiry-otter.decision", "target": [8, 8, 8], "reasons": [{"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.full", "text": "Every set reached 17: 17, 17, 17.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "17, 17, 17"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Willow at 2.00 m, is 11 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 117.61295984435526, "from": 106.01512593160892, "step": 0.10939791667302434, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [8, 8, 8], "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37", "decidedAt": "2026-11-06T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-4921-733c-bb85-a421666b1104', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-48b1-716f-9425-9d00b5a51367', '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', 'accepted', '[{"load": 93.09051641560977, "title": "Willow at 1.80 m", "setupId": "01a21f38-443f-7625-9df5-1fd89d9e37e2"}, {"load": 106.01512593160892, "title": "Willow at 1.90 m", "setupId": "01a21f38-445d-7498-abce-fea035efa381"}, {"load": 117.61295984435526, "title": "Willow at 2.00 m", "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37"}, {"load": 136.36901911859826, "title": "Heron at 2.00 m", "setupId": "01a21f38-449d-7688-b8a9-652dda1b8242"}, {"load": 160.1577355114084, "title": "Heron at 2.20 m", "setupId": "01a21f38-44b9-77da-b357-d0acb6051e84"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 93.09051641560977}, {"id": "Willow at 1.90 m", "load": 106.01512593160892}, {"id": "Willow at 2.00 m", "load": 117.61295984435526}, {"id": "Heron at 2.00 m", "load": 136.36901911859826}, {"id": "Heron at 2.20 m", "load": 160.1577355114084}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-23", "sets": [{"form": "clean", "pain": 0, "reps": 16, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 0, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-10-26", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-10-30", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-02", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-06", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-11-09", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [2], "rest_s": 90, "target": [8, 8, 8]}}', '{"code": "more", "rungs": [2], "format": "wiry-otter.decision", "target": [13, 12, 10], "reasons": [{"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 8–17, not full yet (12, 11, 9): one repetition more in each set.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "12, 11, 9"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Heron at 2.00 m, is 16 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 136.36901911859826, "from": 117.61295984435526, "step": 0.15947272561683756, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [13, 12, 10], "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37", "decidedAt": "2026-11-09T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-49a3-720f-92ad-4e4144cf5eee', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4939-73de-bcb6-90081aa2676a', '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', 'accepted', '[{"load": 93.09051641560977, "title": "Willow at 1.80 m", "setupId": "01a21f38-443f-7625-9df5-1fd89d9e37e2"}, {"load": 106.01512593160892, "title": "Willow at 1.90 m", "setupId": "01a21f38-445d-7498-abce-fea035efa381"}, {"load": 117.61295984435526, "title": "Willow at 2.00 m", "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37"}, {"load": 136.36901911859826, "title": "Heron at 2.00 m", "setupId": "01a21f38-449d-7688-b8a9-652dda1b8242"}, {"load": 160.1577355114084, "title": "Heron at 2.20 m", "setupId": "01a21f38-44b9-77da-b357-d0acb6051e84"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 93.09051641560977}, {"id": "Willow at 1.90 m", "load": 106.01512593160892}, {"id": "Willow at 2.00 m", "load": 117.61295984435526}, {"id": "Heron at 2.00 m", "load": 136.36901911859826}, {"id": "Heron at 2.20 m", "load": 160.1577355114084}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-26", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 0, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-10-30", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-02", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-06", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-11-09", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-13", "sets": [{"form": "clean", "pain": 0, "reps": 7, "rung": 2, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 2, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 0, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [2], "rest_s": 90, "target": [13, 12, 10]}}', '{"code": "repeat", "rungs": [2], "format": "wiry-otter.decision", "target": [13, 12, 10], "reasons": [{"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.under", "text": "A set under 8 (7, 10, 9): the same again.", "figures": {"to": 15, "from": 8, "reps": "7, 10, 9"}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [13, 12, 10], "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37", "decidedAt": "2026-11-13T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-4a38-73c7-a2d1-8d7ec39fd12b', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-49be-705a-b535-81d2c53af868', '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', 'accepted', '[{"load": 93.09051641560977, "title": "Willow at 1.80 m", "setupId": "01a21f38-443f-7625-9df5-1fd89d9e37e2"}, {"load": 106.01512593160892, "title": "Willow at 1.90 m", "setupId": "01a21f38-445d-7498-abce-fea035efa381"}, {"load": 117.61295984435526, "title": "Willow at 2.00 m", "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37"}, {"load": 136.36901911859826, "title": "Heron at 2.00 m", "setupId": "01a21f38-449d-7688-b8a9-652dda1b8242"}, {"load": 160.1577355114084, "title": "Heron at 2.20 m", "setupId": "01a21f38-44b9-77da-b357-d0acb6051e84"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 93.09051641560977}, {"id": "Willow at 1.90 m", "load": 106.01512593160892}, {"id": "Willow at 2.00 m", "load": 117.61295984435526}, {"id": "Heron at 2.00 m", "load": 136.36901911859826}, {"id": "Heron at 2.20 m", "load": 160.1577355114084}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-10-30", "sets": [{"form": "clean", "pain": 0, "reps": 13, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-02", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-06", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-11-09", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-13", "sets": [{"form": "clean", "pain": 0, "reps": 7, "rung": 2, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 2, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 0, "partial": 0}], "redFlag": false}, {"date": "2026-11-16", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [2], "rest_s": 90, "target": [13, 12, 10]}}', '{"code": "more", "rungs": [2], "format": "wiry-otter.decision", "target": [15, 14, 13], "reasons": [{"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 8–17, not full yet (14, 13, 12): one repetition more in each set.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "14, 13, 12"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Heron at 2.00 m, is 16 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 136.36901911859826, "from": 117.61295984435526, "step": 0.15947272561683756, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "", "target": [15, 14, 13], "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37", "decidedAt": "2026-11-16T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-4ac7-73e5-bcbc-8a5b10d64209', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4a58-7424-9e5c-6a93aaf6f952', '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', 'overruled', '[{"load": 93.09051641560977, "title": "Willow at 1.80 m", "setupId": "01a21f38-443f-7625-9df5-1fd89d9e37e2"}, {"load": 106.01512593160892, "title": "Willow at 1.90 m", "setupId": "01a21f38-445d-7498-abce-fea035efa381"}, {"load": 117.61295984435526, "title": "Willow at 2.00 m", "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37"}, {"load": 136.36901911859826, "title": "Heron at 2.00 m", "setupId": "01a21f38-449d-7688-b8a9-652dda1b8242"}, {"load": 160.1577355114084, "title": "Heron at 2.20 m", "setupId": "01a21f38-44b9-77da-b357-d0acb6051e84"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 93.09051641560977}, {"id": "Willow at 1.90 m", "load": 106.01512593160892}, {"id": "Willow at 2.00 m", "load": 117.61295984435526}, {"id": "Heron at 2.00 m", "load": 136.36901911859826}, {"id": "Heron at 2.20 m", "load": 160.1577355114084}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-11-02", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 14, "rung": 1, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-06", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-11-09", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-13", "sets": [{"form": "clean", "pain": 0, "reps": 7, "rung": 2, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 2, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 0, "partial": 0}], "redFlag": false}, {"date": "2026-11-16", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-20", "sets": [{"form": "clean", "pain": 0, "reps": 16, "rung": 2, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 2, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 2, "spare": 1, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [2], "rest_s": 90, "target": [15, 14, 13]}}', '{"code": "more", "rungs": [2], "format": "wiry-otter.decision", "target": [17, 16, 16], "reasons": [{"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.more", "text": "Within 8–17, not full yet (16, 15, 15): one repetition more in each set.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "16, 15, 15"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Heron at 2.00 m, is 16 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 136.36901911859826, "from": 117.61295984435526, "step": 0.15947272561683756, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', '{"note": "Night ferries all week: hold steady.", "target": [15, 15, 15], "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37", "decidedAt": "2026-11-20T16:12:00.000Z", "decidedBy": "Mika Ferrow"}'),
	('01a21f38-4b4b-727c-a30b-4eea1d735579', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4ae3-71ea-b5fb-7ecaa1df6f7f', '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', 'waiting', '[{"load": 93.09051641560977, "title": "Willow at 1.80 m", "setupId": "01a21f38-443f-7625-9df5-1fd89d9e37e2"}, {"load": 106.01512593160892, "title": "Willow at 1.90 m", "setupId": "01a21f38-445d-7498-abce-fea035efa381"}, {"load": 117.61295984435526, "title": "Willow at 2.00 m", "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37"}, {"load": 136.36901911859826, "title": "Heron at 2.00 m", "setupId": "01a21f38-449d-7688-b8a9-652dda1b8242"}, {"load": 160.1577355114084, "title": "Heron at 2.20 m", "setupId": "01a21f38-44b9-77da-b357-d0acb6051e84"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Willow at 1.80 m", "load": 93.09051641560977}, {"id": "Willow at 1.90 m", "load": 106.01512593160892}, {"id": "Willow at 2.00 m", "load": 117.61295984435526}, {"id": "Heron at 2.00 m", "load": 136.36901911859826}, {"id": "Heron at 2.20 m", "load": 160.1577355114084}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-11-06", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 1, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-11-09", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-13", "sets": [{"form": "clean", "pain": 0, "reps": 7, "rung": 2, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 2, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 2, "spare": 0, "partial": 0}], "redFlag": false}, {"date": "2026-11-16", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 2, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 2, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-20", "sets": [{"form": "clean", "pain": 0, "reps": 16, "rung": 2, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 2, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 2, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-11-25", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 2, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 2, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 2, "spare": 1, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 3, "rungs": [2], "rest_s": 90, "target": [15, 15, 15]}}', '{"code": "heavier", "rungs": [3], "format": "wiry-otter.decision", "target": [8, 8, 8], "reasons": [{"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 3 sets.", "figures": {"sets": 3, "breaking": 0}}, {"rule": "fill-range.full", "text": "Every set reached 17: 17, 17, 17.", "figures": {"to": 15, "from": 8, "goal": 17, "reps": "17, 17, 17"}}, {"rule": "ladder.gap", "text": "Gap in the ladder: the next rung, Heron at 2.00 m, is 16 % up, so 2 repetitions beyond the range bridge it.", "figures": {"to": 136.36901911859826, "from": 117.61295984435526, "step": 0.15947272561683756, "extra": 2}}, {"rule": "ladder.source", "text": "The ladder is this person''s 5 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 5}}], "version": 1}', NULL),
	('01a21f39-95ad-7513-8497-e40e3dd11a6d', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f39-94a6-779a-a13d-afa9cb745752', '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', 'waiting', '[{"load": 10.258113236234156, "title": "Row, two loops linked", "setupId": "01a21f39-9245-7546-acaf-8fbd847ed673"}, {"load": 55.41327606284027, "title": "Row, tube", "setupId": "01a21f39-92cd-720f-b7a0-d37bd020ff72"}, {"load": 90.85304686213706, "title": "Row, held by the end", "setupId": "01a21f39-91cd-7358-b463-c642826ed68a"}, {"load": 93.09051641560977, "title": "Willow at 1.80 m", "setupId": "01a21f38-443f-7625-9df5-1fd89d9e37e2"}, {"load": 106.01512593160892, "title": "Willow at 1.90 m", "setupId": "01a21f38-445d-7498-abce-fea035efa381"}, {"load": 117.61295984435526, "title": "Willow at 2.00 m", "setupId": "01a21f38-4480-746e-8a81-0b48e9b2bd37"}, {"load": 136.36901911859826, "title": "Heron at 2.00 m", "setupId": "01a21f38-449d-7688-b8a9-652dda1b8242"}, {"load": 160.1577355114084, "title": "Heron at 2.20 m", "setupId": "01a21f38-44b9-77da-b357-d0acb6051e84"}]', '{"format": "wiry-otter.review", "ladder": [{"id": "Row, two loops linked", "load": 10.258113236234156}, {"id": "Row, tube", "load": 55.41327606284027}, {"id": "Row, held by the end", "load": 90.85304686213706}, {"id": "Willow at 1.80 m", "load": 93.09051641560977}, {"id": "Willow at 1.90 m", "load": 106.01512593160892}, {"id": "Willow at 2.00 m", "load": 117.61295984435526}, {"id": "Heron at 2.00 m", "load": 136.36901911859826}, {"id": "Heron at 2.20 m", "load": 160.1577355114084}], "limits": {"pain": 3}, "school": "fill-range", "version": 1, "sessions": [{"date": "2026-11-09", "sets": [{"form": "clean", "pain": 0, "reps": 12, "rung": 5, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 11, "rung": 5, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 5, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-13", "sets": [{"form": "clean", "pain": 0, "reps": 7, "rung": 5, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 10, "rung": 5, "spare": 0, "partial": 0}, {"form": "clean", "pain": 0, "reps": 9, "rung": 5, "spare": 0, "partial": 0}], "redFlag": false}, {"date": "2026-11-16", "sets": [{"form": "clean", "pain": 0, "reps": 14, "rung": 5, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 13, "rung": 5, "spare": 2, "partial": 0}, {"form": "clean", "pain": 0, "reps": 12, "rung": 5, "spare": 2, "partial": 0}], "redFlag": false}, {"date": "2026-11-20", "sets": [{"form": "clean", "pain": 0, "reps": 16, "rung": 5, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 5, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 5, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-11-25", "sets": [{"form": "clean", "pain": 0, "reps": 17, "rung": 5, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 5, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 17, "rung": 5, "spare": 1, "partial": 0}], "redFlag": false}, {"date": "2026-11-27", "sets": [{"form": "clean", "pain": 0, "reps": 15, "rung": 2, "spare": 1, "partial": 0}, {"form": "clean", "pain": 0, "reps": 15, "rung": 2, "spare": 1, "partial": 0}], "redFlag": false}], "prescription": {"reps": {"to": 15, "from": 8}, "sets": 2, "rungs": [2], "rest_s": 90, "target": [8, 8]}}', '{"code": "heavier", "rungs": [3], "format": "wiry-otter.decision", "target": [8, 8], "reasons": [{"rule": "gate.pain", "text": "Pain at most 0 in 10, limit 3.", "figures": {"pain": 0, "limit": 3}}, {"rule": "gate.form", "text": "Form broke in 0 of 2 sets.", "figures": {"sets": 2, "breaking": 0}}, {"rule": "fill-range.full", "text": "Every set reached 15: 15, 15.", "figures": {"to": 15, "from": 8, "goal": 15, "reps": "15, 15"}}, {"rule": "ladder.step", "text": "The next rung, Willow at 1.80 m, is 2 % up.", "figures": {"to": 93.09051641560977, "from": 90.85304686213706, "step": 0.02462734746659523, "extra": 0}}, {"rule": "ladder.source", "text": "The ladder is this person''s 8 saved set-ups of the exercise, ordered by mean demand.", "figures": {"rungs": 8}}], "version": 1}', NULL);

INSERT INTO public.migrations VALUES
	(1, 1764000000000, 'FirstSlice1764000000000'),
	(2, 1764100000000, 'KnowTheBands1764100000000'),
	(3, 1764200000000, 'StudioRules1764200000000'),
	(4, 1764300000000, 'AnchorsAndExercises1764300000000'),
	(5, 1764400000000, 'WhoSawToIt1764400000000'),
	(6, 1764500000000, 'HowSureTheMeanIs1764500000000');

INSERT INTO public.person VALUES
	('01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, 'Odile Brandt', 'Lock keeper with a stiff right shoulder', 1.68, 71, 'rehab', 2, '{"by": "Sanne Okoro, physiotherapist", "until": "2027-02-04", "limits": "Rowing at chest height or below; no pull above 120 N; nothing overhead."}', false, '1968-04-12', '["highBloodPressure"]', 150, '[{"joint": "shoulder", "most_deg": 100, "least_deg": -40}]'),
	('01a21f38-38d0-728c-a484-0b0aec25bcf2', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, 'Runa Halvard', 'Boatbuilder after her first pull-up', 1.72, 68, 'skill', 3, NULL, false, '1994-09-30', '[]', 250, '[]'),
	('01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, 'Tobias Quill', 'Ferry cook keeping fit in a narrow cabin', 1.81, 88, 'keep', 3, NULL, false, '1981-01-19', '[]', 250, '[]'),
	('01a21f38-38d3-75f9-9d6c-a7b042dafbbf', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, 'Ylva Marsh', 'Rope-walk acrobat training levers', 1.63, 55, 'skill', 3, NULL, true, '2001-06-05', '[]', 300, '[]');

INSERT INTO public.person_trainer VALUES
	('01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3876-71ef-a558-1a6136ef8bcf'),
	('01a21f38-38d0-728c-a484-0b0aec25bcf2', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3876-71ef-a558-1a6136ef8bcf'),
	('01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3876-71ef-a558-1a6136ef8bcf'),
	('01a21f38-38d3-75f9-9d6c-a7b042dafbbf', '01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3876-71ef-a558-1a6136ef8bcf');

INSERT INTO public.place VALUES
	('01a21f38-38d7-7127-8113-b057bc2da905', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 'Boatyard loft', 'Over the slipway; beams, posts and a bar', 1),
	('01a21f38-38dc-732e-b734-647f6aad4d18', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 'Ferry cabin', 'Three paces long; an eye bolt in the bulkhead', 1),
	('01a21f38-38df-761c-afe6-8a952b7eff36', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 'Lock cottage', 'The hall of the lock keeper’s house', 1);

INSERT INTO public.prescription VALUES
	('01a21f38-3e59-76bb-8f57-4795c2e6bbc7', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3cee-73bc-958c-63fb0ef9ec04', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 10}', 60, '[10, 10, 10]', NULL, '2026-10-17 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-3ed7-7789-b2a8-208202969dc5', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3cee-73bc-958c-63fb0ef9ec04', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 10}', 60, '[13, 13, 12]', '01a21f38-3ec9-7220-b8b6-03a126624855', '2026-10-17 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-3f81-71fb-8020-32217a67ade0', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3cee-73bc-958c-63fb0ef9ec04', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 10}', 60, '[15, 14, 14]', '01a21f38-3f62-70db-b567-e88a4bebd990', '2026-10-20 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-4009-743c-bcc9-995b60ffe358', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3d56-7328-8b2b-29489281b523', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 10}', 60, '[10, 10, 10]', '01a21f38-3ff9-70ea-ba30-67bf1d9a6c89', '2026-10-24 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-4090-707b-b1cf-b49c76526836', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3d56-7328-8b2b-29489281b523', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 10}', 60, '[13, 13, 11]', '01a21f38-407b-741d-bf27-4ac63cbd309e', '2026-10-27 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-4104-7382-828e-b3d5a159d2ea', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3cee-73bc-958c-63fb0ef9ec04', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 10}', 60, '[13, 13, 11]', '01a21f38-40f5-7728-a846-d1a8dc407055', '2026-10-31 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-4176-777e-8d82-1ea91c8ab322', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3cee-73bc-958c-63fb0ef9ec04', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 10}', 60, '[14, 14, 14]', '01a21f38-4168-7027-ba79-7fc27fbdb760', '2026-11-03 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-41de-7280-b040-9309cdb366f0', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3cee-73bc-958c-63fb0ef9ec04', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 10}', 60, '[16, 16, 16]', '01a21f38-41cf-7599-887a-9d8a92c0b9d8', '2026-11-07 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-4240-716d-a97e-4130998b21c2', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3d56-7328-8b2b-29489281b523', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 10}', 60, '[10, 10, 10]', '01a21f38-4232-7523-b314-6396556df6b6', '2026-11-10 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-42ac-77c2-8385-d54ec609d8e6', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3d56-7328-8b2b-29489281b523', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 10}', 60, '[14, 13, 13]', '01a21f38-42a0-7449-a704-6563caca6aeb', '2026-11-14 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-432e-758e-a067-a8032ad32e18', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3d56-7328-8b2b-29489281b523', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 10}', 60, '[16, 15, 15]', '01a21f38-4319-719a-b219-e4e29b4f1274', '2026-11-17 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-43a9-744f-ad49-1ec3a4f2fa56', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3d9a-744e-aa50-6a8d114ef1a2', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 10}', 60, '[10, 10, 10]', '01a21f38-4398-70ef-9742-34262803018d', '2026-11-21 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-443a-74dc-a0f7-d14bcafeaa05', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3d9a-744e-aa50-6a8d114ef1a2', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 10}', 60, '[12, 11, 11]', '01a21f38-442d-77d9-b33e-761291b021f1', '2026-11-24 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-44d9-7089-a7dc-71ff3e511fa6', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-443f-7625-9df5-1fd89d9e37e2', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 8}', 90, '[8, 8, 8]', NULL, '2026-10-16 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-4547-76a2-b867-3828e79f2396', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-443f-7625-9df5-1fd89d9e37e2', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 8}', 90, '[13, 12, 11]', '01a21f38-4535-747c-8176-b3c288774a37', '2026-10-16 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-45a6-7351-a482-0ceb6a9762e7', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-443f-7625-9df5-1fd89d9e37e2', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 8}', 90, '[15, 14, 13]', '01a21f38-4598-7558-9835-727687426278', '2026-10-19 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-4625-75bc-8b4f-4ebbe40d3836', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-443f-7625-9df5-1fd89d9e37e2', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 8}', 90, '[17, 16, 16]', '01a21f38-4614-772a-a96a-fa5e77e84e47', '2026-10-23 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-46c1-7398-8efb-e84606096e7b', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-445d-7498-abce-fea035efa381', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 8}', 90, '[8, 8, 8]', '01a21f38-46ad-75da-8159-c309b6e3c2b4', '2026-10-26 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-4777-778f-9975-ce4cedcf3634', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-445d-7498-abce-fea035efa381', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 8}', 90, '[14, 13, 12]', '01a21f38-475e-763e-9a71-c713d3ee9eb4', '2026-10-30 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-4811-7618-bf64-72021fb55fe3', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-445d-7498-abce-fea035efa381', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 8}', 90, '[16, 15, 15]', '01a21f38-47f5-737c-a1d5-23d163aee62c', '2026-11-02 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-48ab-720f-b4dc-c48b67ba10d7', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-4480-746e-8a81-0b48e9b2bd37', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 8}', 90, '[8, 8, 8]', '01a21f38-4891-745c-808f-bd5db288426b', '2026-11-06 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-4932-70b4-a277-5ebc304a03fe', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-4480-746e-8a81-0b48e9b2bd37', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 8}', 90, '[13, 12, 10]', '01a21f38-4921-733c-bb85-a421666b1104', '2026-11-09 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-49b6-758b-9951-79a693e71502', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-4480-746e-8a81-0b48e9b2bd37', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 8}', 90, '[13, 12, 10]', '01a21f38-49a3-720f-92ad-4e4144cf5eee', '2026-11-13 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-4a52-729a-ab9a-d8a293fd9163', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-4480-746e-8a81-0b48e9b2bd37', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 8}', 90, '[15, 14, 13]', '01a21f38-4a38-73c7-a2d1-8d7ec39fd12b', '2026-11-16 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-4add-7349-83f4-b299a5fc0404', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-4480-746e-8a81-0b48e9b2bd37', 'standing-row', 'fill-range', 3, '{"to": 15, "from": 8}', 90, '[15, 15, 15]', '01a21f38-4ac7-73e5-bcbc-8a5b10d64209', '2026-11-20 16:12:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f39-948c-71ea-8460-77491dc4c78f', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f39-91cd-7358-b463-c642826ed68a', 'standing-row', 'fill-range', 2, '{"to": 15, "from": 8}', 90, '[8, 8]', NULL, '2026-11-27 22:56:37.011+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f39-95e6-7191-afd1-379f865364bb', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d0-728c-a484-0b0aec25bcf2', '01a21f39-93e4-7452-afcc-2ab52b2f1849', 'front-lever', 'fill-range', 3, '{"to": 15, "from": 8}', 90, '[8, 8, 8]', NULL, '2026-11-27 22:56:37.356+00', '01a21f38-3879-7018-bb51-78b0698306e5');

INSERT INTO public.setup VALUES
	('01a21f38-3cee-73bc-958c-63fb0ef9ec04', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38cb-7386-9afa-3da79440ec76', 'standing-row', false),
	('01a21f38-3d56-7328-8b2b-29489281b523', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38cb-7386-9afa-3da79440ec76', 'standing-row', false),
	('01a21f38-3d9a-744e-aa50-6a8d114ef1a2', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38cb-7386-9afa-3da79440ec76', 'standing-row', false),
	('01a21f38-3dd9-72ed-a4fb-f8a36933b778', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38cb-7386-9afa-3da79440ec76', 'standing-row', false),
	('01a21f38-3e14-732b-913d-06e6c242ace7', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38cb-7386-9afa-3da79440ec76', 'standing-row', false),
	('01a21f38-443f-7625-9df5-1fd89d9e37e2', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', false),
	('01a21f38-445d-7498-abce-fea035efa381', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', false),
	('01a21f38-4480-746e-8a81-0b48e9b2bd37', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', false),
	('01a21f38-449d-7688-b8a9-652dda1b8242', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', false),
	('01a21f38-44b9-77da-b357-d0acb6051e84', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', false),
	('01a21f39-91cd-7358-b463-c642826ed68a', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', false),
	('01a21f39-9215-7384-9f50-dab9f1246afa', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', false),
	('01a21f39-9245-7546-acaf-8fbd847ed673', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', false),
	('01a21f39-92fe-7468-9cad-596a780d0e03', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, '01a21f38-38d2-7489-a8de-91ac044322b4', 'curl', false),
	('01a21f39-9328-745d-854c-fce959e0f2fb', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, '01a21f38-38d2-7489-a8de-91ac044322b4', 'squat', false),
	('01a21f39-935c-707b-af40-48fcbd3beeef', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, '01a21f38-38d0-728c-a484-0b0aec25bcf2', 'pull-up', false),
	('01a21f39-939a-723c-9c83-d1060a79e378', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, '01a21f38-38d0-728c-a484-0b0aec25bcf2', 'pull-up', false),
	('01a21f39-93e4-7452-afcc-2ab52b2f1849', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, '01a21f38-38d0-728c-a484-0b0aec25bcf2', 'front-lever', false),
	('01a21f39-9420-73ba-a4b3-65827f669546', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, '01a21f38-38d2-7489-a8de-91ac044322b4', 'side-raise', false),
	('01a21f39-9456-746e-96a5-b92f33f7a54a', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, '01a21f38-38d2-7489-a8de-91ac044322b4', 'outward-rotation', false),
	('01a21f39-92cd-720f-b7a0-d37bd020ff72', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, '01a21f38-38d2-7489-a8de-91ac044322b4', 'standing-row', true);

INSERT INTO public.setup_version VALUES
	('01a21f38-3cee-73bc-958c-63fb0ef9ec04', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38df-761c-afe6-8a952b7eff36', '01a21f38-38e0-7783-8772-13dad1b5e2f2', 'Reed at 1.60 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "law": {"c1_N": 14.880858959066003, "c2_N": 11.648229480298383, "c3_N": 0.08405903034515205}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.6, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 73.54724864614302, "mean": 45.642577280459165, "peak": 73.54724864614302, "unit": "N", "start": 20.92945157388667, "meanStd": 0.7753449413312261, "peakStretch": 1.5304684559818733}', '[{"rule": "door-side", "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', false, '2026-10-17 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-3cee-73bc-958c-63fb0ef9ec04', 2, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38df-761c-afe6-8a952b7eff36', '01a21f38-38e0-7783-8772-13dad1b5e2f2', 'Reed at 1.60 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "law": {"c1_N": 14.880858959066003, "c2_N": 11.648229480298383, "c3_N": 0.08405903034515205}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.6, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 73.54724864614302, "mean": 45.642577280459165, "peak": 73.54724864614302, "unit": "N", "start": 20.92945157388667, "meanStd": 0.7753449413312261, "peakStretch": 1.5304684559818733}', '[{"rule": "door-side", "seen": {"at": "2026-10-17T08:00:00.000Z", "by": "01a21f38-3879-7018-bb51-78b0698306e5", "name": "Mika Ferrow"}, "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', true, '2026-10-17 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-3d56-7328-8b2b-29489281b523', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38df-761c-afe6-8a952b7eff36', '01a21f38-38e0-7783-8772-13dad1b5e2f2', 'Reed at 1.65 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "law": {"c1_N": 14.880858959066003, "c2_N": 11.648229480298383, "c3_N": 0.08405903034515205}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.65, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 77.55831612755324, "mean": 51.64337448401555, "peak": 77.55831612755324, "unit": "N", "start": 29.03090031326622, "meanStd": 0.8177701104847894, "peakStretch": 1.5783442806005314}', '[{"rule": "door-side", "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', false, '2026-10-17 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-3d56-7328-8b2b-29489281b523', 2, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38df-761c-afe6-8a952b7eff36', '01a21f38-38e0-7783-8772-13dad1b5e2f2', 'Reed at 1.65 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "law": {"c1_N": 14.880858959066003, "c2_N": 11.648229480298383, "c3_N": 0.08405903034515205}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.65, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 77.55831612755324, "mean": 51.64337448401555, "peak": 77.55831612755324, "unit": "N", "start": 29.03090031326622, "meanStd": 0.8177701104847894, "peakStretch": 1.5783442806005314}', '[{"rule": "door-side", "seen": {"at": "2026-10-17T08:00:00.000Z", "by": "01a21f38-3879-7018-bb51-78b0698306e5", "name": "Mika Ferrow"}, "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', true, '2026-10-17 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-3d9a-744e-aa50-6a8d114ef1a2', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38df-761c-afe6-8a952b7eff36', '01a21f38-38e0-7783-8772-13dad1b5e2f2', 'Reed at 1.70 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "law": {"c1_N": 14.880858959066003, "c2_N": 11.648229480298383, "c3_N": 0.08405903034515205}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.7, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 81.37766823479109, "mean": 57.15137091280553, "peak": 81.37766823479109, "unit": "N", "start": 36.30670129263519, "meanStd": 0.8412070366039968, "peakStretch": 1.6262329950014287}', '[{"rule": "door-side", "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', false, '2026-10-17 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-3d9a-744e-aa50-6a8d114ef1a2', 2, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38df-761c-afe6-8a952b7eff36', '01a21f38-38e0-7783-8772-13dad1b5e2f2', 'Reed at 1.70 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "law": {"c1_N": 14.880858959066003, "c2_N": 11.648229480298383, "c3_N": 0.08405903034515205}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.7, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 81.37766823479109, "mean": 57.15137091280553, "peak": 81.37766823479109, "unit": "N", "start": 36.30670129263519, "meanStd": 0.8412070366039968, "peakStretch": 1.6262329950014287}', '[{"rule": "door-side", "seen": {"at": "2026-10-17T08:00:00.000Z", "by": "01a21f38-3879-7018-bb51-78b0698306e5", "name": "Mika Ferrow"}, "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', true, '2026-10-17 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-3dd9-72ed-a4fb-f8a36933b778', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38df-761c-afe6-8a952b7eff36', '01a21f38-38e0-7783-8772-13dad1b5e2f2', 'Reed at 1.75 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "law": {"c1_N": 14.880858959066003, "c2_N": 11.648229480298383, "c3_N": 0.08405903034515205}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.75, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 85.03072335544103, "mean": 62.24521068614632, "peak": 85.03072335544103, "unit": "N", "start": 42.89656574290773, "meanStd": 0.852032080927206, "peakStretch": 1.6741334005170592}', '[{"rule": "door-side", "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', false, '2026-10-17 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-3dd9-72ed-a4fb-f8a36933b778', 2, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38df-761c-afe6-8a952b7eff36', '01a21f38-38e0-7783-8772-13dad1b5e2f2', 'Reed at 1.75 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "law": {"c1_N": 14.880858959066003, "c2_N": 11.648229480298383, "c3_N": 0.08405903034515205}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.75, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 85.03072335544103, "mean": 62.24521068614632, "peak": 85.03072335544103, "unit": "N", "start": 42.89656574290773, "meanStd": 0.852032080927206, "peakStretch": 1.6741334005170592}', '[{"rule": "door-side", "seen": {"at": "2026-10-17T08:00:00.000Z", "by": "01a21f38-3879-7018-bb51-78b0698306e5", "name": "Mika Ferrow"}, "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', true, '2026-10-17 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-3e14-732b-913d-06e6c242ace7', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38df-761c-afe6-8a952b7eff36', '01a21f38-38e0-7783-8772-13dad1b5e2f2', 'Reed at 1.80 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "law": {"c1_N": 14.880858959066003, "c2_N": 11.648229480298383, "c3_N": 0.08405903034515205}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.8, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 88.53903501219976, "mean": 66.9888453720743, "peak": 88.53903501219976, "unit": "N", "start": 48.912804305419286, "meanStd": 0.8555215133342775, "peakStretch": 1.72204444239326}', '[{"rule": "door-side", "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', false, '2026-10-17 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-3e14-732b-913d-06e6c242ace7', 2, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38df-761c-afe6-8a952b7eff36', '01a21f38-38e0-7783-8772-13dad1b5e2f2', 'Reed at 1.80 m', 'end-held', '{"body": {"mass_kg": 71, "stature_m": 1.68}, "runs": [{"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "law": {"c1_N": 14.880858959066003, "c2_N": 11.648229480298383, "c3_N": 0.08405903034515205}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.8, 1.1, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 88.53903501219976, "mean": 66.9888453720743, "peak": 88.53903501219976, "unit": "N", "start": 48.912804305419286, "meanStd": 0.8555215133342775, "peakStretch": 1.72204444239326}', '[{"rule": "door-side", "seen": {"at": "2026-10-17T08:00:00.000Z", "by": "01a21f38-3879-7018-bb51-78b0698306e5", "name": "Mika Ferrow"}, "text": "Stand on the side where pulling shuts the door. Else lock it and hang a sign outside.", "level": "warn", "figures": {"anchor": "Hall door, hinge side"}}]', true, '2026-10-17 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-443f-7625-9df5-1fd89d9e37e2', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38dc-732e-b734-647f6aad4d18', '01a21f38-38dd-762f-a6ed-fb31c2876280', 'Willow at 1.80 m', 'end-held', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a21f38-3c93-7122-9b5a-37e52d85f251", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-3c93-7122-9b5a-37e52d85f251", "law": {"c1_N": 21.74190807941241, "c2_N": 15.879698335945022, "c3_N": 0.2244274396239163}, "kind": "loop", "loss": 0.1336122706616774, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.8, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 127.5733787207083, "mean": 93.09051641560977, "peak": 127.5733787207083, "unit": "N", "start": 62.641168983548184, "meanStd": 1.280957995224281, "peakStretch": 1.722412231559647}', '[]', true, '2026-10-16 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-445d-7498-abce-fea035efa381', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38dc-732e-b734-647f6aad4d18', '01a21f38-38dd-762f-a6ed-fb31c2876280', 'Willow at 1.90 m', 'end-held', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a21f38-3c93-7122-9b5a-37e52d85f251", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-3c93-7122-9b5a-37e52d85f251", "law": {"c1_N": 21.74190807941241, "c2_N": 15.879698335945022, "c3_N": 0.2244274396239163}, "kind": "loop", "loss": 0.1336122706616774, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.9, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 137.36575754865083, "mean": 106.01512593160892, "peak": 137.36575754865083, "unit": "N", "start": 79.131456648793, "meanStd": 1.2962387977548162, "peakStretch": 1.8181775143027263}', '[]', true, '2026-10-16 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-4480-746e-8a81-0b48e9b2bd37', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38dc-732e-b734-647f6aad4d18', '01a21f38-38dd-762f-a6ed-fb31c2876280', 'Willow at 2.00 m', 'end-held', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a21f38-3c93-7122-9b5a-37e52d85f251", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-3c93-7122-9b5a-37e52d85f251", "law": {"c1_N": 21.74190807941241, "c2_N": 15.879698335945022, "c3_N": 0.2244274396239163}, "kind": "loop", "loss": 0.1336122706616774, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [2, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 146.63698302256418, "mean": 117.61295984435526, "peak": 146.63698302256418, "unit": "N", "start": 93.33765017114892, "meanStd": 1.3236841728726412, "peakStretch": 1.9139848161831883}', '[]', true, '2026-10-16 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-449d-7688-b8a9-652dda1b8242', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38dc-732e-b734-647f6aad4d18', '01a21f38-38dd-762f-a6ed-fb31c2876280', 'Heron at 2.00 m', 'end-held', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a21f38-39ff-7048-9f17-d4e9702a30d7", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-39ff-7048-9f17-d4e9702a30d7", "law": {"c1_N": 25.474342300756945, "c2_N": 18.04323817210755, "c3_N": 0.21855678793741973}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [2, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 170.0279326321309, "mean": 136.36901911859826, "peak": 170.0279326321309, "unit": "N", "start": 108.19276044670886, "meanStd": 1.6703422977911526, "peakStretch": 1.9139848161831883}', '[]', true, '2026-10-16 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f38-44b9-77da-b357-d0acb6051e84', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38dc-732e-b734-647f6aad4d18', '01a21f38-38dd-762f-a6ed-fb31c2876280', 'Heron at 2.20 m', 'end-held', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a21f38-39ff-7048-9f17-d4e9702a30d7", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-39ff-7048-9f17-d4e9702a30d7", "law": {"c1_N": 25.474342300756945, "c2_N": 18.04323817210755, "c3_N": 0.21855678793741973}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [2.2, 1.25, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 190.20495804927768, "mean": 160.1577355114084, "peak": 190.20495804927768, "unit": "N", "start": 135.94106272154815, "meanStd": 2.118426724510489, "peakStretch": 2.105700908522896}', '[]', true, '2026-10-16 08:00:00+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f39-91cd-7358-b463-c642826ed68a', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d7-7127-8113-b057bc2da905', '01a21f38-38d9-77c9-b40f-a2857449610e', 'Row, held by the end', 'end-held', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a21f38-39ff-7048-9f17-d4e9702a30d7", "path": ["anchor", "gripL", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-39ff-7048-9f17-d4e9702a30d7", "law": {"c1_N": 25.474342300756945, "c2_N": 18.04323817210755, "c3_N": 0.21855678793741973}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.7, 1.2, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 135.68146592410014, "mean": 90.85304686213706, "peak": 135.68146592410014, "unit": "N", "start": 51.58111104647345, "meanStd": 1.4889237918170921, "peakStretch": 1.6260089942155964}', '[]', true, '2026-11-27 22:56:36.31+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f39-9215-7384-9f50-dab9f1246afa', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d7-7127-8113-b057bc2da905', '01a21f38-38d8-7007-8a98-704933e91890', 'Row, choked with a turn', 'choked', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a21f38-39ff-7048-9f17-d4e9702a30d7", "path": ["anchor", "gripL", "gripR"], "extra_m": 2.24, "takeUp_m": 0}, {"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "path": ["anchor", "gripL", "gripR"], "extra_m": 2.24, "takeUp_m": 0}], "bands": [{"id": "01a21f38-39ff-7048-9f17-d4e9702a30d7", "law": {"c1_N": 25.474342300756945, "c2_N": 18.04323817210755, "c3_N": 0.21855678793741973}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}, {"id": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "law": {"c1_N": 14.880858959066003, "c2_N": 11.648229480298383, "c3_N": 0.08405903034515205}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [1.9, 1.2, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 428.4276267461857, "mean": 389.74971346655633, "peak": 428.4276267461857, "unit": "N", "start": 361.8620732232241, "meanStd": 7.928541400527742, "peakStretch": 2.894491007239339}', '[{"cure": {"kind": "distance", "closer_m": 0.42}, "rule": "stretch-limit", "text": "Heron is stretched to ×2.89, past its limit of ×2.50. Step 42 cm closer.", "level": "refuse", "figures": {"band": "01a21f38-39ff-7048-9f17-d4e9702a30d7", "limit": 2.5, "stretch": 2.894491007239339}}, {"rule": "let-go", "seen": {"at": "2026-11-27T22:56:36.379Z", "by": "01a21f38-3879-7018-bb51-78b0698306e5", "name": "Mika Ferrow"}, "text": "The band is already under 152 N when it is taken off: release with control and clear the line of recoil.", "level": "warn", "figures": {"pull_N": 152.11468565675418}}, {"rule": "hands", "text": "214 N in each bare hand: full-finger gloves or a handle, held in the base of the palm.", "level": "note", "figures": {"hand_N": 214.21381337309285}}]', false, '2026-11-27 22:56:36.379+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f39-9245-7546-acaf-8fbd847ed673', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d7-7127-8113-b057bc2da905', '01a21f38-38d9-77c9-b40f-a2857449610e', 'Row, two loops linked', 'end-held', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a21f38-39ff-7048-9f17-d4e9702a30d7", "path": ["anchor", "link1"], "extra_m": 0, "takeUp_m": 0}, {"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "path": ["link1", "gripL", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-39ff-7048-9f17-d4e9702a30d7", "law": {"c1_N": 25.474342300756945, "c2_N": 18.04323817210755, "c3_N": 0.21855678793741973}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}, {"id": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "law": {"c1_N": 14.880858959066003, "c2_N": 11.648229480298383, "c3_N": 0.08405903034515205}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "links": {"link1": [1.2, 0.6, 0]}, "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [2.4, 1.2, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 36.72892697823653, "mean": 10.258113236234156, "peak": 36.72892697823653, "unit": "N", "start": 0, "meanStd": 0.19592541077158673, "peakStretch": 1.19534972858081}', '[{"rule": "slack-start", "seen": {"at": "2026-11-27T22:56:36.427Z", "by": "01a21f38-3879-7018-bb51-78b0698306e5", "name": "Mika Ferrow"}, "text": "The band is slack for 34 % of the rep: only the last part is trained. Step back, shorten the band, or start with a lighter one.", "level": "warn", "figures": {"peak": 36.72892697823653, "start": 0, "slackShare": 0.34146341463414637}}]', true, '2026-11-27 22:56:36.427+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f39-92cd-720f-b7a0-d37bd020ff72', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d7-7127-8113-b057bc2da905', '01a21f38-38d9-77c9-b40f-a2857449610e', 'Row, tube', 'through-wrapped', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a21f38-396f-731e-8d64-d08242e3fa1d", "path": ["gripL", "anchor", "gripR"], "extra_m": 0, "takeUp_m": 0.4}], "bands": [{"id": "01a21f38-396f-731e-8d64-d08242e3fa1d", "law": {"c1_N": 16.951060026527685, "c2_N": 10.507330971134095, "c3_N": 0.16661341868315738}, "kind": "tube", "loss": 0.1968390910522933, "limit": 2.5, "deadLength_m": 0.24, "flatLength_m": 1.2}], "loads": [{"at": "gripL", "mass_kg": 0.09}, {"at": "gripR", "mass_kg": 0.09}], "format": "wiry-otter.setup", "points": {"anchor": [1.2, 1.2, 0]}, "version": 1, "exercise": {"id": "standing-row", "cues": ["Ribs down, shoulders low, a soft bend in the knees.", "Elbows past the ribs, shoulder blades together, a pause, then control the way back."], "feel": ["Between the shoulder blades, then the sides of the back."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -95, "thigh": -83, "trunk": 91, "forearm": -2, "upperArm": -14}, {"foot": 0, "phase": 1, "shank": -95, "thigh": -83, "trunk": 93, "forearm": 4, "upperArm": -118}], "title": "Standing row", "anchor": {"side": "ahead", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.68, "distance": 1.05}, "demand": {"at": ["gripL", "gripR"], "kind": "contact"}, "easier": ["seated-low-row"], "faults": ["Leaning back to finish the pull.", "Shoulders roll forward at the start."], "format": "wiry-otter.exercise", "groups": ["upperBack", "lats", "rearShoulder", "biceps"], "harder": ["one-arm-row", "bent-row"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "one end on the anchor, both hands in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripL", "gripR"], "title": "choked on the anchor, both hands in the end", "choked": true}, {"id": "folded", "for": "continuous", "path": ["anchor", "gripL", "anchor", "gripR"], "title": "round the anchor, one end in each hand"}, {"id": "through", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, one end in each hand"}, {"id": "through-wrapped", "for": "open", "path": ["gripL", "anchor", "gripR"], "title": "through the anchor, wrapped once round each hand", "takeUp_m": 0.4}], "stance": "standing", "widths": {"grip": 0.16, "stance": 0.16}, "version": 1, "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing pulls on the hands.", "most": 0, "least": 0}}}', '{"end": 94.18561301050282, "mean": 55.41327606284027, "peak": 94.18561301050282, "unit": "N", "start": 18.564840973882383, "meanStd": 0.7818870483029443, "peakStretch": 2.323732161654064}', '[{"rule": "face-line", "seen": {"at": "2026-11-27T22:56:36.562Z", "by": "01a21f38-3879-7018-bb51-78b0698306e5", "name": "Mika Ferrow"}, "text": "The line of pull passes 9 cm from the middle of the head. Never pull a band toward the face: move the anchor or turn away; wear eye protection.", "level": "warn", "figures": {"clearance_m": 0.08987783118468029}}]', true, '2026-11-27 22:56:36.562+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f39-92fe-7468-9cad-596a780d0e03', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38dc-732e-b734-647f6aad4d18', NULL, 'Curl, gripped lower', 'both-feet', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a21f38-39ff-7048-9f17-d4e9702a30d7", "path": ["soleL", "gripL", "gripR", "soleR"], "extra_m": 0, "takeUp_m": 0.1}], "bands": [{"id": "01a21f38-39ff-7048-9f17-d4e9702a30d7", "law": {"c1_N": 25.474342300756945, "c2_N": 18.04323817210755, "c3_N": 0.21855678793741973}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {}, "version": 1, "exercise": {"id": "curl", "cues": ["Palms up, elbows stay at the ribs.", "Slow on the way down."], "feel": ["Front of the upper arm."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "phase": 0, "shank": -90, "thigh": -90, "trunk": 90, "forearm": -80, "upperArm": -90}, {"foot": 0, "phase": 1, "shank": -90, "thigh": -90, "trunk": 90, "forearm": 60, "upperArm": -85}], "title": "Curl, standing on the band", "demand": {"at": "elbow", "kind": "moment", "carries": ["forearm"]}, "easier": ["seated-curl"], "faults": ["Elbows drift forward.", "The trunk leans back to help."], "format": "wiry-otter.exercise", "groups": ["biceps", "forearms"], "harder": ["anchored-curl"], "routes": [{"id": "both-feet", "for": "continuous", "path": ["soleL", "gripL", "gripR", "soleR"], "title": "under both feet, both hands in the top"}, {"id": "one-foot", "for": "continuous", "path": ["soleR", "gripL", "gripR"], "title": "under one foot, both hands in the top"}, {"id": "doubled", "for": "continuous", "path": ["gripL", "soleL", "soleR", "gripR", "soleR", "soleL"], "title": "under both feet, one end in each hand"}, {"id": "both-feet-open", "for": "open", "path": ["gripL", "soleL", "soleR", "gripR"], "title": "under both feet, one end in each hand"}, {"id": "one-foot-open", "for": "open", "path": ["gripL", "soleR", "gripR"], "title": "under one foot, one end in each hand"}, {"id": "crossed", "for": "open", "path": ["gripL", "soleR", "soleL", "gripR"], "title": "under both feet, crossed on the way to the hands"}], "stance": "standing", "widths": {"grip": 0.24, "stance": 0.2}, "version": 1, "strength": "bell", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight·stature", "why": "Two forearms and hands weigh 0.044 of the body, their centre 0.09 of stature from the elbow at most.", "most": 0.0045, "least": 0.0005}}}', '{"end": 21.096624729278137, "mean": 27.47524861273941, "peak": 38.284339453890794, "unit": "N·m", "start": 3.141445894439419, "meanStd": 0.28249164467608706, "peakStretch": 1.8806078608835626}', '[{"rule": "slack-start", "seen": {"at": "2026-11-27T22:56:36.611Z", "by": "01a21f38-3879-7018-bb51-78b0698306e5", "name": "Mika Ferrow"}, "text": "Next to nothing is asked at the start: only the last part is trained. Step back, shorten the band, or start with a lighter one.", "level": "warn", "figures": {"peak": 38.284339453890794, "start": 3.141445894439419, "slackShare": 0}}]', true, '2026-11-27 22:56:36.611+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f39-9328-745d-854c-fce959e0f2fb', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38dc-732e-b734-647f6aad4d18', NULL, 'Squat', 'over-shoulders', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a21f38-39ff-7048-9f17-d4e9702a30d7", "path": ["soleL", "shoulderL", "shoulderR", "soleR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-39ff-7048-9f17-d4e9702a30d7", "law": {"c1_N": 25.474342300756945, "c2_N": 18.04323817210755, "c3_N": 0.21855678793741973}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {}, "version": 1, "exercise": {"id": "squat", "cues": ["Sit between the heels, knees over the second toe.", "Hold the band on the shoulders, elbows down."], "feel": ["Front of the thighs and buttocks; most at the top, where the band is longest."], "root": {"at": [0, 0.039], "point": "ankle"}, "plane": "sagittal", "poses": [{"foot": 0, "hand": [0.1, -0.03], "phase": 0, "shank": -118, "thigh": -4, "trunk": 58}, {"foot": 0, "hand": [0.1, -0.03], "phase": 1, "shank": -90, "thigh": -90, "trunk": 90}], "title": "Squat", "demand": {"at": ["shoulderL", "shoulderR"], "kind": "contact"}, "faults": ["Heels lift at the bottom.", "Knees fall inward on the way up."], "format": "wiry-otter.exercise", "groups": ["quadriceps", "glutes", "hamstrings", "lowerBack"], "harder": ["front-squat", "single-leg-squat"], "routes": [{"id": "over-shoulders", "for": "continuous", "path": ["soleL", "shoulderL", "shoulderR", "soleR"], "title": "under both feet, over both shoulders"}, {"id": "one-foot-shoulders", "for": "continuous", "path": ["soleR", "shoulderL", "shoulderR"], "title": "under one foot, over both shoulders"}, {"id": "over-shoulders-open", "for": "open", "path": ["shoulderL", "soleL", "soleR", "shoulderR"], "title": "under both feet, one end held at each shoulder"}], "stance": "standing", "widths": {"grip": 0.24, "stance": 0.22}, "version": 1, "strength": "ascending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "elbowBend": -1, "bodyweight": false, "unassisted": {"per": "weight", "why": "Without a band nothing lies on the shoulders.", "most": 0, "least": 0}}}', '{"end": 157.8212813394823, "mean": 134.60408616825492, "peak": 157.8212813394823, "unit": "N", "start": 84.1905530926475, "meanStd": 1.6449572678769415, "peakStretch": 1.8438679784309335}', '[]', true, '2026-11-27 22:56:36.653+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f39-935c-707b-af40-48fcbd3beeef', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d7-7127-8113-b057bc2da905', '01a21f38-38da-760c-af84-c1a22058c3b0', 'Pull-up with two', 'hung-sole', '{"body": {"mass_kg": 68, "stature_m": 1.72}, "runs": [{"band": "01a21f38-39ff-7048-9f17-d4e9702a30d7", "path": ["bar", "soleR"], "extra_m": 0.2, "takeUp_m": 0}, {"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "path": ["bar", "soleR"], "extra_m": 0.2, "takeUp_m": 0}], "bands": [{"id": "01a21f38-39ff-7048-9f17-d4e9702a30d7", "law": {"c1_N": 25.474342300756945, "c2_N": 18.04323817210755, "c3_N": 0.21855678793741973}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}, {"id": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "law": {"c1_N": 14.880858959066003, "c2_N": 11.648229480298383, "c3_N": 0.08405903034515205}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"bar": [0, 2.3, 0]}, "root_m": [0, 2.3], "version": 1, "exercise": {"id": "pull-up", "cues": ["Shoulders down first, then the elbows.", "Chin over the bar without craning the neck."], "feel": ["Sides of the back, then the upper arms."], "root": {"at": [0, 1.32], "point": "grip"}, "plane": "sagittal", "poses": [{"foot": -74, "hand": [0.01, 0.38], "phase": 0, "shank": -105, "thigh": -90, "trunk": 90}, {"foot": -80, "hand": [0.1, 0.03], "phase": 1, "shank": -112, "thigh": -84, "trunk": 98}], "title": "Pull-up", "anchor": {"side": "over", "kinds": ["bar", "rings", "rack"], "point": "bar", "height": 1.32, "distance": 0}, "demand": {"at": ["gripL", "gripR"], "kind": "support"}, "easier": ["kneeling-pulldown", "chin-up"], "faults": ["Kicking.", "Half reps at the bottom."], "format": "wiry-otter.exercise", "groups": ["lats", "upperBack", "biceps", "forearms"], "harder": ["wide-pull-up", "one-arm-pull"], "routes": [{"id": "hung-sole", "for": "continuous", "path": ["bar", "soleR"], "title": "choked on the bar, under one foot", "choked": true}, {"id": "hung-knee", "for": "continuous", "path": ["bar", "kneeR"], "title": "choked on the bar, under one knee", "choked": true}, {"id": "both-knees", "for": "continuous", "path": ["bar", "kneeL", "kneeR"], "title": "choked on the bar, under both knees", "choked": true}, {"id": "across-hands", "for": "continuous", "path": ["gripL", "kneeR", "gripR", "kneeR"], "title": "across the bar between the hands, under one knee"}, {"id": "hung-sole-open", "for": "open", "path": ["bar", "soleR", "bar"], "title": "tied to the bar, a loop for one foot"}], "stance": "hanging", "widths": {"grip": 0.3, "stance": 0.08}, "version": 1, "cautions": ["mount"], "strength": "descending", "supports": [{"at": "gripL", "height": 1.32}, {"at": "gripR", "height": 1.32}], "elbowBend": -1, "bodyweight": true, "unassisted": {"per": "weight", "why": "Both hands carry the whole body.", "most": 1, "least": 1}}}', '{"end": 545.2494368444268, "mean": 500.8708570064553, "peak": 545.2494368444268, "unit": "N", "start": 459.775164700574, "meanStd": 1.5029927485176207, "peakStretch": 2.108881095256829}', '[{"rule": "let-go", "seen": {"at": "2026-11-27T22:56:36.708Z", "by": "01a21f38-3879-7018-bb51-78b0698306e5", "name": "Mika Ferrow"}, "text": "The band is already under 130 N when it is taken off: release with control and clear the line of recoil.", "level": "warn", "figures": {"pull_N": 130.2007040786669}}]', true, '2026-11-27 22:56:36.708+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f39-939a-723c-9c83-d1060a79e378', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d7-7127-8113-b057bc2da905', '01a21f38-38da-760c-af84-c1a22058c3b0', 'Pull-up, over the hands', 'across-hands', '{"body": {"mass_kg": 68, "stature_m": 1.72}, "runs": [{"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "path": ["gripL", "kneeR", "gripR", "kneeR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "law": {"c1_N": 14.880858959066003, "c2_N": 11.648229480298383, "c3_N": 0.08405903034515205}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"bar": [0, 2.3, 0]}, "root_m": [0, 2.3], "version": 1, "exercise": {"id": "pull-up", "cues": ["Shoulders down first, then the elbows.", "Chin over the bar without craning the neck."], "feel": ["Sides of the back, then the upper arms."], "root": {"at": [0, 1.32], "point": "grip"}, "plane": "sagittal", "poses": [{"foot": -74, "hand": [0.01, 0.38], "phase": 0, "shank": -105, "thigh": -90, "trunk": 90}, {"foot": -80, "hand": [0.1, 0.03], "phase": 1, "shank": -112, "thigh": -84, "trunk": 98}], "title": "Pull-up", "anchor": {"side": "over", "kinds": ["bar", "rings", "rack"], "point": "bar", "height": 1.32, "distance": 0}, "demand": {"at": ["gripL", "gripR"], "kind": "support"}, "easier": ["kneeling-pulldown", "chin-up"], "faults": ["Kicking.", "Half reps at the bottom."], "format": "wiry-otter.exercise", "groups": ["lats", "upperBack", "biceps", "forearms"], "harder": ["wide-pull-up", "one-arm-pull"], "routes": [{"id": "hung-sole", "for": "continuous", "path": ["bar", "soleR"], "title": "choked on the bar, under one foot", "choked": true}, {"id": "hung-knee", "for": "continuous", "path": ["bar", "kneeR"], "title": "choked on the bar, under one knee", "choked": true}, {"id": "both-knees", "for": "continuous", "path": ["bar", "kneeL", "kneeR"], "title": "choked on the bar, under both knees", "choked": true}, {"id": "across-hands", "for": "continuous", "path": ["gripL", "kneeR", "gripR", "kneeR"], "title": "across the bar between the hands, under one knee"}, {"id": "hung-sole-open", "for": "open", "path": ["bar", "soleR", "bar"], "title": "tied to the bar, a loop for one foot"}], "stance": "hanging", "widths": {"grip": 0.3, "stance": 0.08}, "version": 1, "cautions": ["mount"], "strength": "descending", "supports": [{"at": "gripL", "height": 1.32}, {"at": "gripR", "height": 1.32}], "elbowBend": -1, "bodyweight": true, "unassisted": {"per": "weight", "why": "Both hands carry the whole body.", "most": 1, "least": 1}}}', '{"end": 540.2720672144272, "mean": 490.6520939832414, "peak": 540.2720672144272, "unit": "N", "start": 442.10667308495624, "meanStd": 3.6352876478742613, "peakStretch": 3.0633713839556402}', '[{"rule": "stretch-limit", "text": "Reed is stretched to ×3.06, past its limit of ×2.50. Take a longer band, or fewer folds.", "level": "refuse", "figures": {"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "limit": 2.5, "stretch": 3.0633713839556402}}, {"rule": "let-go", "seen": {"at": "2026-11-27T22:56:36.771Z", "by": "01a21f38-3879-7018-bb51-78b0698306e5", "name": "Mika Ferrow"}, "text": "The band is already under 114 N when it is taken off: release with control and clear the line of recoil.", "level": "warn", "figures": {"pull_N": 113.98391759534061}}]', false, '2026-11-27 22:56:36.771+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f39-93e4-7452-afcc-2ab52b2f1849', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d7-7127-8113-b057bc2da905', '01a21f38-38da-760c-af84-c1a22058c3b0', 'Lever', 'hung-hips', '{"body": {"mass_kg": 68, "stature_m": 1.72}, "runs": [{"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "path": ["bar", "hips"], "extra_m": 0.2, "takeUp_m": 0}], "bands": [{"id": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "law": {"c1_N": 14.880858959066003, "c2_N": 11.648229480298383, "c3_N": 0.08405903034515205}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"bar": [0, 2.3, 0]}, "root_m": [0, 2.3], "version": 1, "exercise": {"id": "front-lever", "cues": ["One line from shoulder to heel.", "Arms straight, bar pushed toward the feet."], "feel": ["Everything holds; the sides of the back most."], "root": {"at": [0, 1.32], "point": "grip"}, "plane": "sagittal", "poses": [{"foot": 38, "phase": 0, "shank": 0, "thigh": 0, "trunk": 180, "forearm": 53.5, "upperArm": 53.5}, {"foot": 38, "phase": 1, "shank": 0, "thigh": 0, "trunk": 180, "forearm": 53.5, "upperArm": 53.5}], "title": "Front lever", "anchor": {"side": "over", "kinds": ["bar", "rings", "rack"], "point": "bar", "height": 1.32, "distance": 0}, "demand": {"at": "shoulder", "kind": "moment", "carries": ["trunk", "thigh", "shank", "foot"]}, "easier": ["straddle-front-lever"], "faults": ["Hips sag.", "Head thrown back."], "format": "wiry-otter.exercise", "groups": ["lats", "abdominals", "rearShoulder", "forearms"], "harder": ["lever-pull-up"], "routes": [{"id": "hung-hips", "for": "continuous", "path": ["bar", "hips"], "title": "choked on the bar, round the hips", "choked": true}, {"id": "hung-lowerBack", "for": "continuous", "path": ["bar", "lowerBack"], "title": "choked on the bar, under the lower back", "choked": true}, {"id": "hung-knee", "for": "continuous", "path": ["bar", "kneeR"], "title": "choked on the bar, under one knee", "choked": true}, {"id": "hung-sole", "for": "continuous", "path": ["bar", "soleR"], "title": "choked on the bar, under one foot", "choked": true}, {"id": "cradle", "for": "continuous", "path": ["gripL", "hips", "gripR", "hips"], "title": "from both sides of the bar, under the hips"}, {"id": "hung-hips-open", "for": "open", "path": ["bar", "hips", "bar"], "title": "tied to the bar, a sling under the hips"}], "stance": "hanging", "widths": {"grip": 0.26, "stance": 0.08}, "version": 1, "cautions": ["mount", "breath"], "strength": "flat", "supports": [{"at": "gripL", "height": 1.32}, {"at": "gripR", "height": 1.32}], "bodyweight": true, "unassisted": {"per": "weight·stature", "why": "The body in one line. A full lever asks 3 to 4.5 N·m per kg at the shoulder, 0.17 to 0.26 of weight times stature at 1.75 m.", "most": 0.26, "least": 0.17}}}', '{"end": 251.43959662802757, "mean": 251.4395966280275, "peak": 251.43959662802757, "unit": "N·m", "start": 251.43959662802757, "meanStd": 0, "peakStretch": 0.6183332942083959}', '[{"rule": "slack-start", "seen": {"at": "2026-11-27T22:56:36.843Z", "by": "01a21f38-3879-7018-bb51-78b0698306e5", "name": "Mika Ferrow"}, "text": "The band is slack all through the rep: nothing is trained. Step back, shorten the band, or start with a lighter one.", "level": "warn", "figures": {"peak": 251.43959662802757, "start": 251.43959662802757, "slackShare": 1}}, {"rule": "breath", "text": "Keep breathing through the hold.", "level": "note", "figures": {}}]', true, '2026-11-27 22:56:36.843+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f39-9420-73ba-a4b3-65827f669546', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38dc-732e-b734-647f6aad4d18', NULL, 'Side raise', 'same-foot', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "path": ["soleR", "gripR"], "extra_m": 0, "takeUp_m": 0}], "bands": [{"id": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "law": {"c1_N": 14.880858959066003, "c2_N": 11.648229480298383, "c3_N": 0.08405903034515205}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {}, "version": 1, "exercise": {"id": "side-raise", "cues": ["A soft elbow, thumb a little up.", "Stop level with the shoulder."], "feel": ["Outer shoulder."], "root": {"at": [0.07, 0.039], "point": "ankle"}, "plane": "frontal", "poses": [{"foot": 0, "phase": 0, "shank": -93, "thigh": -93, "trunk": 83.3, "forearm": -80, "upperArm": -82}, {"foot": 0, "phase": 1, "shank": -93, "thigh": -93, "trunk": 83.3, "forearm": -2, "upperArm": -4}], "title": "Side raise", "demand": {"at": "shoulder", "kind": "moment", "carries": ["upperArm", "forearm"]}, "faults": ["The shoulder shrugs toward the ear.", "The trunk leans away."], "format": "wiry-otter.exercise", "groups": ["sideShoulder", "upperBack"], "harder": ["side-raise-crossed"], "routes": [{"id": "same-foot", "for": "continuous", "path": ["soleR", "gripR"], "title": "under the foot of the same side, the hand in the other end"}, {"id": "held-lower", "for": "continuous", "path": ["soleR", "gripR"], "title": "under the foot, held 15 cm below the end", "takeUp_m": 0.3}, {"id": "same-foot-open", "for": "open", "path": ["soleR", "gripR"], "title": "pinned under the foot of the same side", "takeUp_m": 0.2}, {"id": "both-feet-open", "for": "open", "path": ["gripL", "soleL", "soleR", "gripR"], "title": "under both feet, one end in each hand"}], "stance": "standing", "widths": {"stance": 0.2}, "version": 1, "cautions": ["shoulder-rehab"], "strength": "descending", "supports": [{"at": "soleL", "height": 0}, {"at": "soleR", "height": 0}], "bodyweight": false, "unassisted": {"per": "weight·stature", "why": "One arm weighs 0.05 of the body, its centre 0.17 of stature from the shoulder.", "most": 0.012, "least": 0}, "unilateral": true}}', '{"end": 45.769483187350254, "mean": 21.336231940520353, "peak": 45.769483187350254, "unit": "N·m", "start": 1.9811182801518532, "meanStd": 0.20038516149017385, "peakStretch": 1.5429278299104066}', '[{"rule": "slack-start", "seen": {"at": "2026-11-27T22:56:36.904Z", "by": "01a21f38-3879-7018-bb51-78b0698306e5", "name": "Mika Ferrow"}, "text": "The band is slack for 39 % of the rep: only the last part is trained. Step back, shorten the band, or start with a lighter one.", "level": "warn", "figures": {"peak": 45.769483187350254, "start": 1.9811182801518532, "slackShare": 0.3902439024390244}}]', true, '2026-11-27 22:56:36.904+00', '01a21f38-3879-7018-bb51-78b0698306e5'),
	('01a21f39-9456-746e-96a5-b92f33f7a54a', 1, '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-38d7-7127-8113-b057bc2da905', '01a21f38-38d9-77c9-b40f-a2857449610e', 'Rotation between the hands', 'between-hands', '{"body": {"mass_kg": 88, "stature_m": 1.81}, "runs": [{"band": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "path": ["gripL", "gripR"], "extra_m": 0, "takeUp_m": 1.2}], "bands": [{"id": "01a21f38-3b3f-71ca-b13f-47d2ac27cf02", "law": {"c1_N": 14.880858959066003, "c2_N": 11.648229480298383, "c3_N": 0.08405903034515205}, "kind": "loop", "loss": 0.1, "limit": 2.5, "deadLength_m": 0, "flatLength_m": 1.04}], "loads": [], "format": "wiry-otter.setup", "points": {"anchor": [0, 1, -0.1403000000000001]}, "version": 1, "exercise": {"id": "outward-rotation", "cues": ["A folded towel between elbow and ribs.", "The shoulder blade stays low and still."], "feel": ["Deep behind the shoulder."], "root": {"at": [0, -0.1295], "point": "elbow"}, "level": 0.63, "plane": "transverse", "poses": [{"left": {"forearm": -20}, "phase": 0, "forearm": 42}, {"left": {"forearm": -20}, "phase": 1, "forearm": -38}], "title": "Outward rotation, elbow at the side", "anchor": {"side": "left", "kinds": ["door", "wall", "post", "rack", "banister", "furniture", "partner"], "point": "anchor", "height": 0.63, "distance": 0.55}, "demand": {"at": "elbow", "kind": "moment", "carries": ["forearm"]}, "faults": ["The back helps: the band is too strong.", "The wrist bends instead of the shoulder turning."], "format": "wiry-otter.exercise", "groups": ["rotatorCuff", "rearShoulder"], "harder": ["outward-rotation-45"], "routes": [{"id": "end-held", "for": "continuous", "path": ["anchor", "gripR"], "title": "one end on the anchor, the hand in the other"}, {"id": "choked", "for": "continuous", "path": ["anchor", "gripR"], "title": "choked on the anchor, the hand in the end", "choked": true}, {"id": "held-lower", "for": "continuous", "path": ["anchor", "gripR"], "title": "one end on the anchor, held 15 cm below the other end", "takeUp_m": 0.3}, {"id": "from-anchor", "for": "open", "path": ["anchor", "gripR"], "title": "one end on the anchor, the hand at the other"}, {"id": "doubled", "for": "open", "path": ["gripR", "anchor", "gripR"], "title": "through the anchor, both ends at the hand"}, {"id": "between-hands", "for": "continuous", "path": ["gripL", "gripR"], "title": "between both hands, both turn outward", "takeUp_m": 1.2}, {"id": "between-hands-open", "for": "open", "path": ["gripL", "gripR"], "title": "between both hands, both turn outward", "takeUp_m": 0.6}], "stance": "standing", "version": 1, "cautions": ["shoulder-rehab"], "strength": "descending", "bodyweight": false, "unassisted": {"per": "weight·stature", "why": "Seen from above gravity has no moment.", "most": 0, "least": 0}, "unilateral": true}}', '{"end": 21.78826988366539, "mean": 7.932045486419883, "peak": 21.803534751362744, "unit": "N·m", "start": 0, "meanStd": 0.08314383131919628, "peakStretch": 2.078474791217674}', '[{"rule": "slack-start", "seen": {"at": "2026-11-27T22:56:36.957Z", "by": "01a21f38-3879-7018-bb51-78b0698306e5", "name": "Mika Ferrow"}, "text": "The band is slack for 49 % of the rep: only the last part is trained. Step back, shorten the band, or start with a lighter one.", "level": "warn", "figures": {"peak": 21.803534751362744, "start": 0, "slackShare": 0.4878048780487805}}]', true, '2026-11-27 22:56:36.957+00', '01a21f38-3879-7018-bb51-78b0698306e5');

INSERT INTO public.studio VALUES
	('01a21f38-3876-71ef-a558-1a6136ef8bcf', 'Towpath Training', 'Europe/Amsterdam', 'N', 30, 1500, 1, false);

INSERT INTO public.trainer VALUES
	('01a21f38-3879-7018-bb51-78b0698306e5', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 'mika@canalside.example', 'Mika Ferrow', '$argon2id$v=19$m=19456,t=2,p=1$bOi4b/EUISRDtNOOj3lDpg$VWatV8f4Pa9ItlbwCbgfJo1hezpgSDLFhtBYh5e12ug');

INSERT INTO public.training_session VALUES
	('01a21f38-3e5f-773d-8ed4-ff3392d66533', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3e59-76bb-8f57-4795c2e6bbc7', '01a21f38-3cee-73bc-958c-63fb0ef9ec04', 2, 'standing-row', '2026-10-17 16:00:00+00', '2026-10-17', '2026-10-17 16:12:00+00', false),
	('01a21f38-3edc-7697-8a0a-f4e904f96689', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3ed7-7789-b2a8-208202969dc5', '01a21f38-3cee-73bc-958c-63fb0ef9ec04', 2, 'standing-row', '2026-10-20 16:00:00+00', '2026-10-20', '2026-10-20 16:12:00+00', false),
	('01a21f38-3f89-7349-86fc-78748ef15151', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-3f81-71fb-8020-32217a67ade0', '01a21f38-3cee-73bc-958c-63fb0ef9ec04', 2, 'standing-row', '2026-10-24 16:00:00+00', '2026-10-24', '2026-10-24 16:12:00+00', false),
	('01a21f38-4013-746a-9465-ded777e739d0', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-4009-743c-bcc9-995b60ffe358', '01a21f38-3d56-7328-8b2b-29489281b523', 2, 'standing-row', '2026-10-27 16:00:00+00', '2026-10-27', '2026-10-27 16:12:00+00', false),
	('01a21f38-4096-70ef-a587-c1cd4eb98fbd', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-4090-707b-b1cf-b49c76526836', '01a21f38-3d56-7328-8b2b-29489281b523', 2, 'standing-row', '2026-10-31 16:00:00+00', '2026-10-31', '2026-10-31 16:12:00+00', false),
	('01a21f38-410a-7348-899b-03b39ff1b189', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-4104-7382-828e-b3d5a159d2ea', '01a21f38-3cee-73bc-958c-63fb0ef9ec04', 2, 'standing-row', '2026-11-03 16:00:00+00', '2026-11-03', '2026-11-03 16:12:00+00', false),
	('01a21f38-417f-7514-9cd8-0ca74e0a3486', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-4176-777e-8d82-1ea91c8ab322', '01a21f38-3cee-73bc-958c-63fb0ef9ec04', 2, 'standing-row', '2026-11-07 16:00:00+00', '2026-11-07', '2026-11-07 16:12:00+00', false),
	('01a21f38-41e3-774a-9c38-9f87562ab760', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-41de-7280-b040-9309cdb366f0', '01a21f38-3cee-73bc-958c-63fb0ef9ec04', 2, 'standing-row', '2026-11-10 16:00:00+00', '2026-11-10', '2026-11-10 16:12:00+00', false),
	('01a21f38-4245-734a-ae3b-61cbb92f146f', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-4240-716d-a97e-4130998b21c2', '01a21f38-3d56-7328-8b2b-29489281b523', 2, 'standing-row', '2026-11-14 16:00:00+00', '2026-11-14', '2026-11-14 16:12:00+00', false),
	('01a21f38-42b2-77be-8080-3caa5aa10230', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-42ac-77c2-8385-d54ec609d8e6', '01a21f38-3d56-7328-8b2b-29489281b523', 2, 'standing-row', '2026-11-17 16:00:00+00', '2026-11-17', '2026-11-17 16:12:00+00', false),
	('01a21f38-4335-7278-86c9-49603c6118f0', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-432e-758e-a067-a8032ad32e18', '01a21f38-3d56-7328-8b2b-29489281b523', 2, 'standing-row', '2026-11-21 16:00:00+00', '2026-11-21', '2026-11-21 16:12:00+00', false),
	('01a21f38-43af-7678-b07e-f63180b5449b', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38cb-7386-9afa-3da79440ec76', '01a21f38-43a9-744f-ad49-1ec3a4f2fa56', '01a21f38-3d9a-744e-aa50-6a8d114ef1a2', 2, 'standing-row', '2026-11-24 16:00:00+00', '2026-11-24', '2026-11-24 16:12:00+00', false),
	('01a21f38-44e3-7317-91a0-ebcac51387f3', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-44d9-7089-a7dc-71ff3e511fa6', '01a21f38-443f-7625-9df5-1fd89d9e37e2', 1, 'standing-row', '2026-10-16 16:00:00+00', '2026-10-16', '2026-10-16 16:12:00+00', false),
	('01a21f38-454b-7438-a750-f72e4fef2921', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-4547-76a2-b867-3828e79f2396', '01a21f38-443f-7625-9df5-1fd89d9e37e2', 1, 'standing-row', '2026-10-19 16:00:00+00', '2026-10-19', '2026-10-19 16:12:00+00', false),
	('01a21f38-45aa-7769-a273-37a153a31938', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-45a6-7351-a482-0ceb6a9762e7', '01a21f38-443f-7625-9df5-1fd89d9e37e2', 1, 'standing-row', '2026-10-23 16:00:00+00', '2026-10-23', '2026-10-23 16:12:00+00', false),
	('01a21f38-462d-71cb-94a9-06652cb4600b', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-4625-75bc-8b4f-4ebbe40d3836', '01a21f38-443f-7625-9df5-1fd89d9e37e2', 1, 'standing-row', '2026-10-26 16:00:00+00', '2026-10-26', '2026-10-26 16:12:00+00', false),
	('01a21f38-46c9-708d-838f-e9b710bd406c', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-46c1-7398-8efb-e84606096e7b', '01a21f38-445d-7498-abce-fea035efa381', 1, 'standing-row', '2026-10-30 16:00:00+00', '2026-10-30', '2026-10-30 16:12:00+00', false),
	('01a21f38-477e-717f-b3fd-44400735eb15', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-4777-778f-9975-ce4cedcf3634', '01a21f38-445d-7498-abce-fea035efa381', 1, 'standing-row', '2026-11-02 16:00:00+00', '2026-11-02', '2026-11-02 16:12:00+00', false),
	('01a21f38-481d-71b7-8ec5-bdec0241bdb0', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-4811-7618-bf64-72021fb55fe3', '01a21f38-445d-7498-abce-fea035efa381', 1, 'standing-row', '2026-11-06 16:00:00+00', '2026-11-06', '2026-11-06 16:12:00+00', false),
	('01a21f38-48b1-716f-9425-9d00b5a51367', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-48ab-720f-b4dc-c48b67ba10d7', '01a21f38-4480-746e-8a81-0b48e9b2bd37', 1, 'standing-row', '2026-11-09 16:00:00+00', '2026-11-09', '2026-11-09 16:12:00+00', false),
	('01a21f38-4939-73de-bcb6-90081aa2676a', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-4932-70b4-a277-5ebc304a03fe', '01a21f38-4480-746e-8a81-0b48e9b2bd37', 1, 'standing-row', '2026-11-13 16:00:00+00', '2026-11-13', '2026-11-13 16:12:00+00', false),
	('01a21f38-49be-705a-b535-81d2c53af868', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-49b6-758b-9951-79a693e71502', '01a21f38-4480-746e-8a81-0b48e9b2bd37', 1, 'standing-row', '2026-11-16 16:00:00+00', '2026-11-16', '2026-11-16 16:12:00+00', false),
	('01a21f38-4a58-7424-9e5c-6a93aaf6f952', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-4a52-729a-ab9a-d8a293fd9163', '01a21f38-4480-746e-8a81-0b48e9b2bd37', 1, 'standing-row', '2026-11-20 16:00:00+00', '2026-11-20', '2026-11-20 16:12:00+00', false),
	('01a21f38-4ae3-71ea-b5fb-7ecaa1df6f7f', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f38-4add-7349-83f4-b299a5fc0404', '01a21f38-4480-746e-8a81-0b48e9b2bd37', 1, 'standing-row', '2026-11-25 16:00:00+00', '2026-11-25', '2026-11-25 16:12:00+00', false),
	('01a21f39-94a6-779a-a13d-afa9cb745752', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 2, '01a21f38-38d2-7489-a8de-91ac044322b4', '01a21f39-948c-71ea-8460-77491dc4c78f', '01a21f39-91cd-7358-b463-c642826ed68a', 1, 'standing-row', '2026-11-27 22:56:37.03+00', '2026-11-27', '2026-11-27 22:56:37.259+00', false),
	('01a21f39-95f9-7711-9cc2-f8223301c98a', '01a21f38-3876-71ef-a558-1a6136ef8bcf', 1, '01a21f38-38d0-728c-a484-0b0aec25bcf2', '01a21f39-95e6-7191-afd1-379f865364bb', '01a21f39-93e4-7452-afcc-2ab52b2f1849', 1, 'front-lever', '2026-11-27 22:56:37.369+00', '2026-11-27', NULL, false);

INSERT INTO public.training_set_2026_10 VALUES
	('01a21f38-3e7f-722c-aec1-3ffbf7d0849d', '2026-10-17 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3e5f-773d-8ed4-ff3392d66533', '01a21f38-3e7f-722c-aec1-3ffbf7d0849d', 0, 12, 0, 3, 'clean', 1, false),
	('01a21f38-3e8f-75ab-802f-264ab7cee81b', '2026-10-17 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3e5f-773d-8ed4-ff3392d66533', '01a21f38-3e8f-75ab-802f-264ab7cee81b', 0, 12, 0, 3, 'clean', 1, false),
	('01a21f38-3ea3-74e5-a500-c821a7dd17ea', '2026-10-17 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3e5f-773d-8ed4-ff3392d66533', '01a21f38-3ea3-74e5-a500-c821a7dd17ea', 0, 11, 0, 3, 'clean', 1, false),
	('01a21f38-3ef9-77a8-b7b3-93c3cb4452d7', '2026-10-20 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3edc-7697-8a0a-f4e904f96689', '01a21f38-3ef9-77a8-b7b3-93c3cb4452d7', 0, 14, 0, 3, 'clean', 1, false),
	('01a21f38-3f15-76ca-821d-cafff00d7067', '2026-10-20 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3edc-7697-8a0a-f4e904f96689', '01a21f38-3f15-76ca-821d-cafff00d7067', 0, 13, 0, 3, 'clean', 0, false),
	('01a21f38-3f30-708b-b15b-99195dcba69c', '2026-10-20 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3edc-7697-8a0a-f4e904f96689', '01a21f38-3f30-708b-b15b-99195dcba69c', 0, 13, 0, 3, 'clean', 1, false),
	('01a21f38-3fab-77e5-b7a7-d457a82c363c', '2026-10-24 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3f89-7349-86fc-78748ef15151', '01a21f38-3fab-77e5-b7a7-d457a82c363c', 0, 17, 0, 2, 'clean', 0, false),
	('01a21f38-3fc3-718f-9dac-b72bf7ee58cd', '2026-10-24 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3f89-7349-86fc-78748ef15151', '01a21f38-3fc3-718f-9dac-b72bf7ee58cd', 0, 17, 0, 2, 'clean', 1, false),
	('01a21f38-3fd7-777c-b797-3607ee221c28', '2026-10-24 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-3f89-7349-86fc-78748ef15151', '01a21f38-3fd7-777c-b797-3607ee221c28', 0, 17, 0, 2, 'clean', 1, false),
	('01a21f38-4035-7729-af45-863e4bbb783c', '2026-10-27 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4013-746a-9465-ded777e739d0', '01a21f38-4035-7729-af45-863e4bbb783c', 0, 12, 0, 2, 'clean', 1, false),
	('01a21f38-4046-7420-83ab-d48b612ae37b', '2026-10-27 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4013-746a-9465-ded777e739d0', '01a21f38-4046-7420-83ab-d48b612ae37b', 0, 12, 0, 2, 'clean', 1, false),
	('01a21f38-405b-742b-ac9c-5af46a81db6b', '2026-10-27 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4013-746a-9465-ded777e739d0', '01a21f38-405b-742b-ac9c-5af46a81db6b', 0, 10, 0, 2, 'clean', 1, false),
	('01a21f38-40ad-779d-9bdd-7f6bd25dd4a1', '2026-10-31 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4096-70ef-a587-c1cd4eb98fbd', '01a21f38-40ad-779d-9bdd-7f6bd25dd4a1', 0, 14, 0, 2, 'clean', 1, false),
	('01a21f38-40c1-708b-9957-f3f2581ab2c5', '2026-10-31 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4096-70ef-a587-c1cd4eb98fbd', '01a21f38-40c1-708b-9957-f3f2581ab2c5', 0, 12, 0, 2, 'clean', 2, false),
	('01a21f38-40d1-76a2-8a10-09b8ef36634f', '2026-10-31 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4096-70ef-a587-c1cd4eb98fbd', '01a21f38-40d1-76a2-8a10-09b8ef36634f', 0, 12, 0, 2, 'clean', 3, false),
	('01a21f38-44ff-71a5-9653-28ce3475c807', '2026-10-16 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-44e3-7317-91a0-ebcac51387f3', '01a21f38-44ff-71a5-9653-28ce3475c807', 0, 12, 0, 2, 'clean', 0, false),
	('01a21f38-4510-72cf-a18e-f318b6f4ccc5', '2026-10-16 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-44e3-7317-91a0-ebcac51387f3', '01a21f38-4510-72cf-a18e-f318b6f4ccc5', 0, 11, 0, 2, 'clean', 0, false),
	('01a21f38-451d-702e-9a96-3fa84ba2cc7b', '2026-10-16 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-44e3-7317-91a0-ebcac51387f3', '01a21f38-451d-702e-9a96-3fa84ba2cc7b', 0, 10, 0, 2, 'clean', 0, false),
	('01a21f38-455f-740d-8369-551a75d7d5cf', '2026-10-19 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-454b-7438-a750-f72e4fef2921', '01a21f38-455f-740d-8369-551a75d7d5cf', 0, 14, 0, 2, 'clean', 0, false),
	('01a21f38-456c-76dc-88d4-a843e5306595', '2026-10-19 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-454b-7438-a750-f72e4fef2921', '01a21f38-456c-76dc-88d4-a843e5306595', 0, 13, 0, 2, 'clean', 0, false),
	('01a21f38-4578-77cb-a746-082ff11a30a1', '2026-10-19 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-454b-7438-a750-f72e4fef2921', '01a21f38-4578-77cb-a746-082ff11a30a1', 0, 12, 0, 2, 'clean', 0, false),
	('01a21f38-45c8-70d8-96bd-6af9c9ea5c0d', '2026-10-23 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-45aa-7769-a273-37a153a31938', '01a21f38-45c8-70d8-96bd-6af9c9ea5c0d', 0, 16, 0, 2, 'clean', 0, false),
	('01a21f38-45dc-71bc-88af-11cdb0e89f98', '2026-10-23 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-45aa-7769-a273-37a153a31938', '01a21f38-45dc-71bc-88af-11cdb0e89f98', 0, 15, 0, 2, 'clean', 0, false),
	('01a21f38-45f0-738f-9447-1d6b8f2aacdb', '2026-10-23 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-45aa-7769-a273-37a153a31938', '01a21f38-45f0-738f-9447-1d6b8f2aacdb', 0, 15, 0, 2, 'clean', 0, false),
	('01a21f38-4650-754e-bf20-c83b21fc8a03', '2026-10-26 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-462d-71cb-94a9-06652cb4600b', '01a21f38-4650-754e-bf20-c83b21fc8a03', 0, 17, 0, 1, 'clean', 0, false),
	('01a21f38-4664-75f1-b283-00cfb62b89ed', '2026-10-26 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-462d-71cb-94a9-06652cb4600b', '01a21f38-4664-75f1-b283-00cfb62b89ed', 0, 17, 0, 1, 'clean', 0, false),
	('01a21f38-467b-76cb-9917-5839e644e3cb', '2026-10-26 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-462d-71cb-94a9-06652cb4600b', '01a21f38-467b-76cb-9917-5839e644e3cb', 0, 17, 0, 1, 'clean', 0, false),
	('01a21f38-46fb-7519-be9f-85b2aee7f051', '2026-10-30 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-46c9-708d-838f-e9b710bd406c', '01a21f38-46fb-7519-be9f-85b2aee7f051', 0, 13, 0, 2, 'clean', 0, false),
	('01a21f38-4712-730d-be07-b69047e6613f', '2026-10-30 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-46c9-708d-838f-e9b710bd406c', '01a21f38-4712-730d-be07-b69047e6613f', 0, 12, 0, 2, 'clean', 0, false),
	('01a21f38-472d-774d-8739-040d05ef53ad', '2026-10-30 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-46c9-708d-838f-e9b710bd406c', '01a21f38-472d-774d-8739-040d05ef53ad', 0, 11, 0, 2, 'clean', 0, false);

INSERT INTO public.training_set_2026_11 VALUES
	('01a21f38-4125-710c-8a82-870c5cc466d3', '2026-11-03 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-410a-7348-899b-03b39ff1b189', '01a21f38-4125-710c-8a82-870c5cc466d3', 0, 13, 0, 3, 'clean', 1, false),
	('01a21f38-4139-719e-b22a-de48d7c60f21', '2026-11-03 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-410a-7348-899b-03b39ff1b189', '01a21f38-4139-719e-b22a-de48d7c60f21', 0, 13, 0, 3, 'clean', 1, false),
	('01a21f38-4148-74cc-a8fb-7345f7e2a062', '2026-11-03 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-410a-7348-899b-03b39ff1b189', '01a21f38-4148-74cc-a8fb-7345f7e2a062', 0, 13, 0, 3, 'clean', 1, false),
	('01a21f38-4199-737c-b952-0c28ca3b13c0', '2026-11-07 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-417f-7514-9cd8-0ca74e0a3486', '01a21f38-4199-737c-b952-0c28ca3b13c0', 0, 15, 0, 3, 'clean', 0, false),
	('01a21f38-41a8-751d-995a-4161af432381', '2026-11-07 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-417f-7514-9cd8-0ca74e0a3486', '01a21f38-41a8-751d-995a-4161af432381', 0, 15, 0, 3, 'clean', 0, false),
	('01a21f38-41b4-77ae-93bd-5aebcb15bf93', '2026-11-07 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-417f-7514-9cd8-0ca74e0a3486', '01a21f38-41b4-77ae-93bd-5aebcb15bf93', 0, 15, 0, 3, 'clean', 1, false),
	('01a21f38-41f9-701a-9e08-720799ad5da0', '2026-11-10 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-41e3-774a-9c38-9f87562ab760', '01a21f38-41f9-701a-9e08-720799ad5da0', 0, 17, 0, 2, 'clean', 0, false),
	('01a21f38-4208-73e3-a8ef-c1bc56509ca1', '2026-11-10 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-41e3-774a-9c38-9f87562ab760', '01a21f38-4208-73e3-a8ef-c1bc56509ca1', 0, 17, 0, 2, 'clean', 0, false),
	('01a21f38-4216-775f-9b4d-d15fad657f49', '2026-11-10 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-41e3-774a-9c38-9f87562ab760', '01a21f38-4216-775f-9b4d-d15fad657f49', 0, 17, 0, 2, 'clean', 0, false),
	('01a21f38-425e-769f-98bd-dc4480be98c3', '2026-11-14 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4245-734a-ae3b-61cbb92f146f', '01a21f38-425e-769f-98bd-dc4480be98c3', 0, 13, 0, 2, 'clean', 0, false),
	('01a21f38-426b-774c-a3d3-b33737df9b10', '2026-11-14 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4245-734a-ae3b-61cbb92f146f', '01a21f38-426b-774c-a3d3-b33737df9b10', 0, 12, 0, 2, 'clean', 1, false),
	('01a21f38-427f-76f5-ada4-1bf668842f36', '2026-11-14 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4245-734a-ae3b-61cbb92f146f', '01a21f38-427f-76f5-ada4-1bf668842f36', 0, 12, 0, 2, 'clean', 1, false),
	('01a21f38-42c5-743e-afd7-338a946fb297', '2026-11-17 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-42b2-77be-8080-3caa5aa10230', '01a21f38-42c5-743e-afd7-338a946fb297', 0, 15, 0, 2, 'clean', 0, false),
	('01a21f38-42d2-72fc-b20d-0b7f2016576a', '2026-11-17 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-42b2-77be-8080-3caa5aa10230', '01a21f38-42d2-72fc-b20d-0b7f2016576a', 0, 14, 0, 2, 'clean', 0, false),
	('01a21f38-42e7-722a-bf3f-2d4400147933', '2026-11-17 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-42b2-77be-8080-3caa5aa10230', '01a21f38-42e7-722a-bf3f-2d4400147933', 0, 14, 0, 2, 'clean', 1, false),
	('01a21f38-4355-774e-b2e7-251a5261d545', '2026-11-21 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4335-7278-86c9-49603c6118f0', '01a21f38-4355-774e-b2e7-251a5261d545', 0, 17, 0, 2, 'clean', 0, false),
	('01a21f38-4366-7083-a18a-12fd72acb146', '2026-11-21 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4335-7278-86c9-49603c6118f0', '01a21f38-4366-7083-a18a-12fd72acb146', 0, 17, 0, 2, 'clean', 0, false),
	('01a21f38-4376-73ce-b7b4-08d8302a7f9d', '2026-11-21 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4335-7278-86c9-49603c6118f0', '01a21f38-4376-73ce-b7b4-08d8302a7f9d', 0, 17, 0, 2, 'clean', 0, false),
	('01a21f38-43d3-7538-8a22-c98b6b223348', '2026-11-24 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-43af-7678-b07e-f63180b5449b', '01a21f38-43d3-7538-8a22-c98b6b223348', 0, 11, 0, 2, 'clean', 0, false),
	('01a21f38-43ed-7599-87a2-30909461539a', '2026-11-24 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-43af-7678-b07e-f63180b5449b', '01a21f38-43ed-7599-87a2-30909461539a', 0, 10, 0, 2, 'clean', 0, false),
	('01a21f38-4405-72c8-b0da-a199b4a026e9', '2026-11-24 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-43af-7678-b07e-f63180b5449b', '01a21f38-4405-72c8-b0da-a199b4a026e9', 0, 10, 0, 2, 'clean', 1, false),
	('01a21f38-479f-7441-9111-12e9a0c1ab7b', '2026-11-02 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-477e-717f-b3fd-44400735eb15', '01a21f38-479f-7441-9111-12e9a0c1ab7b', 0, 15, 0, 2, 'clean', 0, false),
	('01a21f38-47b3-7457-ad8a-f242701e5e57', '2026-11-02 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-477e-717f-b3fd-44400735eb15', '01a21f38-47b3-7457-ad8a-f242701e5e57', 0, 14, 0, 2, 'clean', 0, false),
	('01a21f38-47c9-741e-a72f-a1782f7a35ac', '2026-11-02 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-477e-717f-b3fd-44400735eb15', '01a21f38-47c9-741e-a72f-a1782f7a35ac', 0, 14, 0, 2, 'clean', 0, false),
	('01a21f38-483d-741a-849a-ae31c897c315', '2026-11-06 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-481d-71b7-8ec5-bdec0241bdb0', '01a21f38-483d-741a-849a-ae31c897c315', 0, 17, 0, 1, 'clean', 0, false),
	('01a21f38-4851-751b-a066-0ab6ecbd25e4', '2026-11-06 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-481d-71b7-8ec5-bdec0241bdb0', '01a21f38-4851-751b-a066-0ab6ecbd25e4', 0, 17, 0, 1, 'clean', 0, false),
	('01a21f38-4865-77bb-bb72-a2284cd20916', '2026-11-06 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-481d-71b7-8ec5-bdec0241bdb0', '01a21f38-4865-77bb-bb72-a2284cd20916', 0, 17, 0, 1, 'clean', 0, false),
	('01a21f38-48d1-757c-b7fb-760ac6a60cf1', '2026-11-09 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-48b1-716f-9425-9d00b5a51367', '01a21f38-48d1-757c-b7fb-760ac6a60cf1', 0, 12, 0, 2, 'clean', 0, false),
	('01a21f38-48e9-77bf-92a5-561e03cb2596', '2026-11-09 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-48b1-716f-9425-9d00b5a51367', '01a21f38-48e9-77bf-92a5-561e03cb2596', 0, 11, 0, 2, 'clean', 0, false),
	('01a21f38-48fd-703c-962d-68ea7f7d664a', '2026-11-09 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-48b1-716f-9425-9d00b5a51367', '01a21f38-48fd-703c-962d-68ea7f7d664a', 0, 9, 0, 2, 'clean', 0, false),
	('01a21f38-495a-747a-802b-d3c9a5cbd7dd', '2026-11-13 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4939-73de-bcb6-90081aa2676a', '01a21f38-495a-747a-802b-d3c9a5cbd7dd', 0, 7, 0, 0, 'clean', 0, false),
	('01a21f38-496e-70bd-b0af-5661052fd195', '2026-11-13 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4939-73de-bcb6-90081aa2676a', '01a21f38-496e-70bd-b0af-5661052fd195', 0, 10, 0, 0, 'clean', 0, false),
	('01a21f38-4981-75b9-a91f-1fe99095e6ff', '2026-11-13 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4939-73de-bcb6-90081aa2676a', '01a21f38-4981-75b9-a91f-1fe99095e6ff', 0, 9, 0, 0, 'clean', 0, false),
	('01a21f38-49e0-77f8-9084-a0462dc98551', '2026-11-16 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-49be-705a-b535-81d2c53af868', '01a21f38-49e0-77f8-9084-a0462dc98551', 0, 14, 0, 2, 'clean', 0, false),
	('01a21f38-49f7-73cb-8f0b-269db9e6363c', '2026-11-16 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-49be-705a-b535-81d2c53af868', '01a21f38-49f7-73cb-8f0b-269db9e6363c', 0, 13, 0, 2, 'clean', 0, false),
	('01a21f38-4a0e-702a-8ab7-db054c4029ea', '2026-11-16 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-49be-705a-b535-81d2c53af868', '01a21f38-4a0e-702a-8ab7-db054c4029ea', 0, 12, 0, 2, 'clean', 0, false),
	('01a21f38-4a7b-7749-98eb-27c4905fbdd0', '2026-11-20 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4a58-7424-9e5c-6a93aaf6f952', '01a21f38-4a7b-7749-98eb-27c4905fbdd0', 0, 16, 0, 1, 'clean', 0, false),
	('01a21f38-4a8f-744c-b607-540b5a85a67a', '2026-11-20 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4a58-7424-9e5c-6a93aaf6f952', '01a21f38-4a8f-744c-b607-540b5a85a67a', 0, 15, 0, 1, 'clean', 0, false),
	('01a21f38-4aa2-717d-85b6-1d2d20bbb2db', '2026-11-20 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4a58-7424-9e5c-6a93aaf6f952', '01a21f38-4aa2-717d-85b6-1d2d20bbb2db', 0, 15, 0, 1, 'clean', 0, false),
	('01a21f38-4aff-75af-976c-43b86c12e4e0', '2026-11-25 16:03:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4ae3-71ea-b5fb-7ecaa1df6f7f', '01a21f38-4aff-75af-976c-43b86c12e4e0', 0, 17, 0, 1, 'clean', 0, false),
	('01a21f38-4b15-75f9-9e47-0d752c46ceab', '2026-11-25 16:06:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4ae3-71ea-b5fb-7ecaa1df6f7f', '01a21f38-4b15-75f9-9e47-0d752c46ceab', 0, 17, 0, 1, 'clean', 0, false),
	('01a21f38-4b27-718e-a09e-8fac7e4c27d0', '2026-11-25 16:09:00+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f38-4ae3-71ea-b5fb-7ecaa1df6f7f', '01a21f38-4b27-718e-a09e-8fac7e4c27d0', 0, 17, 0, 1, 'clean', 0, false),
	('01a21f39-94e7-7286-acda-32dbbe1718d3', '2026-11-27 22:56:37.095+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f39-94a6-779a-a13d-afa9cb745752', '01a21f39-94e7-7286-acda-32dbbe1718d3', 0, 15, 0, 1, 'clean', 0, false),
	('01a21f39-951c-7286-b0b7-55b3041b24bc', '2026-11-27 22:56:37.148+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f39-94a6-779a-a13d-afa9cb745752', '01a21f39-951c-7286-b0b7-55b3041b24bc', 0, 15, 0, 1, 'clean', 0, false),
	('01a21f39-9635-761e-a352-a5a8277129ad', '2026-11-27 22:56:37.43+00', '01a21f38-3876-71ef-a558-1a6136ef8bcf', '01a21f39-95f9-7711-9cc2-f8223301c98a', '01a21f39-9635-761e-a352-a5a8277129ad', 0, 5, 0, NULL, 'clean', 1, false);

SELECT pg_catalog.setval('public.migrations_id_seq', 6, true);

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

CREATE INDEX prescription_of_person ON public.prescription USING btree (person_id, exercise_id, created_at);

CREATE INDEX setup_of_person ON public.setup USING btree (person_id, exercise_id);

CREATE INDEX sign_in_failure_recent ON public.sign_in_failure USING btree (email, failed_at);

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
    ADD CONSTRAINT prescription_setup_id_fkey FOREIGN KEY (setup_id) REFERENCES public.setup(id);

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

ALTER TABLE ONLY public.trainer
    ADD CONSTRAINT trainer_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);

ALTER TABLE ONLY public.training_session
    ADD CONSTRAINT training_session_person_id_fkey FOREIGN KEY (person_id) REFERENCES public.person(id);

ALTER TABLE ONLY public.training_session
    ADD CONSTRAINT training_session_prescription_id_fkey FOREIGN KEY (prescription_id) REFERENCES public.prescription(id);

ALTER TABLE ONLY public.training_session
    ADD CONSTRAINT training_session_setup_id_setup_version_fkey FOREIGN KEY (setup_id, setup_version) REFERENCES public.setup_version(setup_id, version);

ALTER TABLE ONLY public.training_session
    ADD CONSTRAINT training_session_studio_id_fkey FOREIGN KEY (studio_id) REFERENCES public.studio(id);

