<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/** Common kinds by their botanical names. Form, pace, demand and roots are house defaults; one more is one entry. */
final class Kinds
{
    /** @return non-empty-array<string, Kind> by key, in the order of their names */
    public static function all(): array
    {
        /** @var non-empty-array<string, Kind>|null $all */
        static $all = null;

        return $all ??= self::sorted([
            new Kind('rotala_rotundifolia', Form::Stem, Pace::Fast, Demand::Middling, 0.3),
            new Kind('rotala_macrandra', Form::Stem, Pace::Middling, Demand::Much, 0.3),
            new Kind('ludwigia_repens', Form::Stem, Pace::Middling, Demand::Middling, 0.3),
            new Kind('hygrophila_polysperma', Form::Stem, Pace::Fast, Demand::Shade, 0.4),
            new Kind('hygrophila_corymbosa', Form::Stem, Pace::Middling, Demand::Middling, 0.5),
            new Kind('limnophila_sessiliflora', Form::Stem, Pace::Fast, Demand::Middling, 0.3),
            new Kind('bacopa_caroliniana', Form::Stem, Pace::Slow, Demand::Middling, 0.3),
            new Kind('myriophyllum_mattogrossense', Form::Stem, Pace::Fast, Demand::Middling, 0.2, true),
            new Kind('egeria_densa', Form::Stem, Pace::Fast, Demand::Shade, 0.2, true, tender: true),
            new Kind('ceratophyllum_demersum', Form::Stem, Pace::Fast, Demand::Shade, 0.0, true, tender: true),
            new Kind('pogostemon_helferi', Form::Rosette, Pace::Slow, Demand::Middling, 0.4, false, 90.0),
            new Kind('staurogyne_repens', Form::Stem, Pace::Slow, Demand::Middling, 0.5, false, 150.0),
            new Kind('eleocharis_acicularis', Form::Runner, Pace::Middling, Demand::Middling, 0.6, false, 150.0),
            new Kind('eleocharis_pusilla', Form::Runner, Pace::Slow, Demand::Middling, 0.6, false, 80.0),
            new Kind('lilaeopsis_brasiliensis', Form::Runner, Pace::Slow, Demand::Middling, 0.6, false, 80.0),
            new Kind('sagittaria_subulata', Form::Runner, Pace::Fast, Demand::Shade, 0.7, true, 250.0),
            new Kind('helanthium_tenellum', Form::Runner, Pace::Middling, Demand::Middling, 0.7, false, 100.0),
            new Kind('hemianthus_callitrichoides', Form::Carpet, Pace::Middling, Demand::Much, 0.5),
            new Kind('micranthemum_tweediei', Form::Carpet, Pace::Fast, Demand::Middling, 0.5),
            new Kind('glossostigma_elatinoides', Form::Carpet, Pace::Fast, Demand::Much, 0.5),
            new Kind('marsilea_hirsuta', Form::Carpet, Pace::Slow, Demand::Middling, 0.6),
            new Kind('cryptocoryne_wendtii', Form::Rosette, Pace::Slow, Demand::Shade, 0.8, false, 200.0),
            new Kind('cryptocoryne_parva', Form::Rosette, Pace::Slow, Demand::Middling, 0.8, false, 70.0, 2.0),
            new Kind('cryptocoryne_crispatula', Form::Ribbon, Pace::Slow, Demand::Shade, 0.8, true),
            new Kind('echinodorus_grisebachii', Form::Rosette, Pace::Fast, Demand::Middling, 0.8, true, 500.0),
            new Kind('vallisneria_spiralis', Form::Ribbon, Pace::Middling, Demand::Shade, 0.7, true, tender: true),
            new Kind('vallisneria_nana', Form::Ribbon, Pace::Slow, Demand::Middling, 0.7, true, tender: true),
            new Kind('anubias_barteri', Form::Epiphyte, Pace::Middling, Demand::Shade, 0.2),
            new Kind('bucephalandra_motleyana', Form::Epiphyte, Pace::Slow, Demand::Shade, 0.2, false, 100.0),
            new Kind('microsorum_pteropus', Form::Fern, Pace::Middling, Demand::Shade, 0.1),
            new Kind('bolbitis_heudelotii', Form::Fern, Pace::Middling, Demand::Shade, 0.1),
            new Kind('taxiphyllum_barbieri', Form::Moss, Pace::Middling, Demand::Shade, 0.0),
            new Kind('fissidens_fontanus', Form::Moss, Pace::Slow, Demand::Shade, 0.0, false, 50.0),
            new Kind('limnobium_laevigatum', Form::Floating, Pace::Middling, Demand::Middling, 0.0),
            new Kind('salvinia_natans', Form::Floating, Pace::Middling, Demand::Middling, 0.0),
            new Kind('phyllanthus_fluitans', Form::Floating, Pace::Slow, Demand::Middling, 0.0),
            new Kind('rotala_species', Form::Stem, Pace::Middling, Demand::Middling, 0.3, name: 'Rotala'),
            new Kind('ludwigia_species', Form::Stem, Pace::Middling, Demand::Middling, 0.3, name: 'Ludwigia'),
            new Kind('hygrophila_pinnatifida', Form::Epiphyte, Pace::Middling, Demand::Middling, 0.3, false, 200.0),
            new Kind('hygrophila_difformis', Form::Stem, Pace::Fast, Demand::Shade, 0.4),
            new Kind('cabomba_caroliniana', Form::Stem, Pace::Fast, Demand::Middling, 0.2, true),
            new Kind('elodea_canadensis', Form::Stem, Pace::Fast, Demand::Shade, 0.2, true, tender: true),
            new Kind('bacopa_monnieri', Form::Stem, Pace::Slow, Demand::Middling, 0.3),
            new Kind('alternanthera_reineckii', Form::Stem, Pace::Slow, Demand::Much, 0.4),
            new Kind('lobelia_cardinalis', Form::Stem, Pace::Slow, Demand::Middling, 0.5, false, 250.0),
            new Kind('heteranthera_zosterifolia', Form::Stem, Pace::Middling, Demand::Middling, 0.3),
            new Kind('didiplis_diandra', Form::Stem, Pace::Middling, Demand::Much, 0.3),
            new Kind('pogostemon_stellatus', Form::Stem, Pace::Middling, Demand::Much, 0.3),
            new Kind('ammannia_gracilis', Form::Stem, Pace::Middling, Demand::Much, 0.4),
            new Kind('proserpinaca_palustris', Form::Stem, Pace::Slow, Demand::Middling, 0.4),
            new Kind('hydrocotyle_tripartita', Form::Carpet, Pace::Fast, Demand::Middling, 0.4),
            new Kind('echinodorus_species', Form::Rosette, Pace::Middling, Demand::Middling, 0.8, true, 400.0, name: 'Echinodorus hybrids'),
            new Kind('cryptocoryne_species', Form::Rosette, Pace::Slow, Demand::Shade, 0.8, false, 200.0, name: 'Cryptocoryne'),
            new Kind('cryptocoryne_beckettii', Form::Rosette, Pace::Slow, Demand::Shade, 0.8, false, 200.0),
            new Kind('cryptocoryne_lucens', Form::Rosette, Pace::Slow, Demand::Shade, 0.8, false, 120.0),
            new Kind('nymphaea_lotus', Form::Rosette, Pace::Middling, Demand::Middling, 0.8, false, 400.0),
            new Kind('barclaya_longifolia', Form::Rosette, Pace::Middling, Demand::Middling, 0.8, false, 400.0),
            new Kind('crinum_calamistratum', Form::Ribbon, Pace::Slow, Demand::Shade, 0.7, true),
            new Kind('anubias_nana', Form::Epiphyte, Pace::Slow, Demand::Shade, 0.2, false, 120.0, name: 'Anubias barteri var. nana'),
            new Kind('anubias_species', Form::Epiphyte, Pace::Slow, Demand::Shade, 0.2, name: 'Anubias'),
            new Kind('bucephalandra_species', Form::Epiphyte, Pace::Slow, Demand::Shade, 0.2, false, 100.0, name: 'Bucephalandra'),
            new Kind('microsorum_narrow', Form::Fern, Pace::Slow, Demand::Shade, 0.1, name: 'Microsorum pteropus “narrow”'),
            new Kind('vesicularia_montagnei', Form::Moss, Pace::Slow, Demand::Shade, 0.0),
            new Kind('riccardia_chamedryfolia', Form::Moss, Pace::Slow, Demand::Middling, 0.0, false, 30.0),
            new Kind('monosolenium_tenerum', Form::Moss, Pace::Middling, Demand::Shade, 0.0, false, 60.0),
            new Kind('riccia_fluitans', Form::Floating, Pace::Fast, Demand::Middling, 0.0),
            new Kind('pistia_stratiotes', Form::Floating, Pace::Fast, Demand::Middling, 0.0),
            new Kind('hydrocotyle_leucocephala', Form::Stem, Pace::Fast, Demand::Shade, 0.2),
            new Kind('lemna_minor', Form::Floating, Pace::Fast, Demand::Shade, 0.0),
        ]);
    }

    /**
     * @param non-empty-list<Kind> $kinds
     *
     * @return non-empty-array<string, Kind>
     */
    private static function sorted(array $kinds): array
    {
        usort($kinds, static fn(Kind $a, Kind $b): int => $a->name <=> $b->name);

        return array_combine(array_map(static fn(Kind $kind): string => $kind->key, $kinds), $kinds);
    }
}
