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
            new Kind('rotala_rotundifolia', 'Rotala rotundifolia', Form::Stem, Pace::Fast, Demand::Middling, 0.3),
            new Kind('rotala_macrandra', 'Rotala macrandra', Form::Stem, Pace::Middling, Demand::Much, 0.3),
            new Kind('ludwigia_repens', 'Ludwigia repens', Form::Stem, Pace::Middling, Demand::Middling, 0.3),
            new Kind('hygrophila_polysperma', 'Hygrophila polysperma', Form::Stem, Pace::Fast, Demand::Shade, 0.4),
            new Kind('hygrophila_corymbosa', 'Hygrophila corymbosa', Form::Stem, Pace::Middling, Demand::Middling, 0.5),
            new Kind('limnophila_sessiliflora', 'Limnophila sessiliflora', Form::Stem, Pace::Fast, Demand::Middling, 0.3),
            new Kind('bacopa_caroliniana', 'Bacopa caroliniana', Form::Stem, Pace::Slow, Demand::Middling, 0.3),
            new Kind('myriophyllum_mattogrossense', 'Myriophyllum mattogrossense', Form::Stem, Pace::Fast, Demand::Middling, 0.2, true),
            new Kind('egeria_densa', 'Egeria densa', Form::Stem, Pace::Fast, Demand::Shade, 0.2, true, tender: true),
            new Kind('ceratophyllum_demersum', 'Ceratophyllum demersum', Form::Stem, Pace::Fast, Demand::Shade, 0.0, true, tender: true),
            new Kind('pogostemon_helferi', 'Pogostemon helferi', Form::Rosette, Pace::Slow, Demand::Middling, 0.4, false, 90.0),
            new Kind('staurogyne_repens', 'Staurogyne repens', Form::Stem, Pace::Slow, Demand::Middling, 0.5, false, 150.0),
            new Kind('eleocharis_acicularis', 'Eleocharis acicularis', Form::Runner, Pace::Middling, Demand::Middling, 0.6, false, 150.0),
            new Kind('eleocharis_pusilla', 'Eleocharis pusilla', Form::Runner, Pace::Slow, Demand::Middling, 0.6, false, 80.0),
            new Kind('lilaeopsis_brasiliensis', 'Lilaeopsis brasiliensis', Form::Runner, Pace::Slow, Demand::Middling, 0.6, false, 80.0),
            new Kind('sagittaria_subulata', 'Sagittaria subulata', Form::Runner, Pace::Fast, Demand::Shade, 0.7, true, 250.0),
            new Kind('helanthium_tenellum', 'Helanthium tenellum', Form::Runner, Pace::Middling, Demand::Middling, 0.7, false, 100.0),
            new Kind('hemianthus_callitrichoides', 'Hemianthus callitrichoides', Form::Carpet, Pace::Middling, Demand::Much, 0.5),
            new Kind('micranthemum_tweediei', 'Micranthemum tweediei', Form::Carpet, Pace::Fast, Demand::Middling, 0.5),
            new Kind('glossostigma_elatinoides', 'Glossostigma elatinoides', Form::Carpet, Pace::Fast, Demand::Much, 0.5),
            new Kind('marsilea_hirsuta', 'Marsilea hirsuta', Form::Carpet, Pace::Slow, Demand::Middling, 0.6),
            new Kind('cryptocoryne_wendtii', 'Cryptocoryne wendtii', Form::Rosette, Pace::Slow, Demand::Shade, 0.8, false, 200.0),
            new Kind('cryptocoryne_parva', 'Cryptocoryne parva', Form::Rosette, Pace::Slow, Demand::Middling, 0.8, false, 70.0, 2.0),
            new Kind('cryptocoryne_crispatula', 'Cryptocoryne crispatula', Form::Ribbon, Pace::Slow, Demand::Shade, 0.8, true),
            new Kind('echinodorus_grisebachii', 'Echinodorus grisebachii', Form::Rosette, Pace::Fast, Demand::Middling, 0.8, true, 500.0),
            new Kind('vallisneria_spiralis', 'Vallisneria spiralis', Form::Ribbon, Pace::Middling, Demand::Shade, 0.7, true, tender: true),
            new Kind('vallisneria_nana', 'Vallisneria nana', Form::Ribbon, Pace::Slow, Demand::Middling, 0.7, true, tender: true),
            new Kind('anubias_barteri', 'Anubias barteri', Form::Epiphyte, Pace::Middling, Demand::Shade, 0.2),
            new Kind('bucephalandra_motleyana', 'Bucephalandra motleyana', Form::Epiphyte, Pace::Slow, Demand::Shade, 0.2, false, 100.0),
            new Kind('microsorum_pteropus', 'Microsorum pteropus', Form::Fern, Pace::Middling, Demand::Shade, 0.1),
            new Kind('bolbitis_heudelotii', 'Bolbitis heudelotii', Form::Fern, Pace::Middling, Demand::Shade, 0.1),
            new Kind('taxiphyllum_barbieri', 'Taxiphyllum barbieri', Form::Moss, Pace::Middling, Demand::Shade, 0.0),
            new Kind('fissidens_fontanus', 'Fissidens fontanus', Form::Moss, Pace::Slow, Demand::Shade, 0.0, false, 50.0),
            new Kind('limnobium_laevigatum', 'Limnobium laevigatum', Form::Floating, Pace::Middling, Demand::Middling, 0.0),
            new Kind('salvinia_natans', 'Salvinia natans', Form::Floating, Pace::Middling, Demand::Middling, 0.0),
            new Kind('phyllanthus_fluitans', 'Phyllanthus fluitans', Form::Floating, Pace::Slow, Demand::Middling, 0.0),
            new Kind('rotala_species', 'Rotala', Form::Stem, Pace::Middling, Demand::Middling, 0.3),
            new Kind('ludwigia_species', 'Ludwigia', Form::Stem, Pace::Middling, Demand::Middling, 0.3),
            new Kind('hygrophila_pinnatifida', 'Hygrophila pinnatifida', Form::Epiphyte, Pace::Middling, Demand::Middling, 0.3, false, 200.0),
            new Kind('hygrophila_difformis', 'Hygrophila difformis', Form::Stem, Pace::Fast, Demand::Shade, 0.4),
            new Kind('cabomba_caroliniana', 'Cabomba caroliniana', Form::Stem, Pace::Fast, Demand::Middling, 0.2, true),
            new Kind('elodea_canadensis', 'Elodea canadensis', Form::Stem, Pace::Fast, Demand::Shade, 0.2, true, tender: true),
            new Kind('bacopa_monnieri', 'Bacopa monnieri', Form::Stem, Pace::Slow, Demand::Middling, 0.3),
            new Kind('alternanthera_reineckii', 'Alternanthera reineckii', Form::Stem, Pace::Slow, Demand::Much, 0.4),
            new Kind('lobelia_cardinalis', 'Lobelia cardinalis', Form::Stem, Pace::Slow, Demand::Middling, 0.5, false, 250.0),
            new Kind('heteranthera_zosterifolia', 'Heteranthera zosterifolia', Form::Stem, Pace::Middling, Demand::Middling, 0.3),
            new Kind('didiplis_diandra', 'Didiplis diandra', Form::Stem, Pace::Middling, Demand::Much, 0.3),
            new Kind('pogostemon_stellatus', 'Pogostemon stellatus', Form::Stem, Pace::Middling, Demand::Much, 0.3),
            new Kind('ammannia_gracilis', 'Ammannia gracilis', Form::Stem, Pace::Middling, Demand::Much, 0.4),
            new Kind('proserpinaca_palustris', 'Proserpinaca palustris', Form::Stem, Pace::Slow, Demand::Middling, 0.4),
            new Kind('hydrocotyle_tripartita', 'Hydrocotyle tripartita', Form::Carpet, Pace::Fast, Demand::Middling, 0.4),
            new Kind('echinodorus_species', 'Echinodorus hybrids', Form::Rosette, Pace::Middling, Demand::Middling, 0.8, true, 400.0),
            new Kind('cryptocoryne_species', 'Cryptocoryne', Form::Rosette, Pace::Slow, Demand::Shade, 0.8, false, 200.0),
            new Kind('cryptocoryne_beckettii', 'Cryptocoryne beckettii', Form::Rosette, Pace::Slow, Demand::Shade, 0.8, false, 200.0),
            new Kind('cryptocoryne_lucens', 'Cryptocoryne lucens', Form::Rosette, Pace::Slow, Demand::Shade, 0.8, false, 120.0),
            new Kind('nymphaea_lotus', 'Nymphaea lotus', Form::Rosette, Pace::Middling, Demand::Middling, 0.8, false, 400.0),
            new Kind('barclaya_longifolia', 'Barclaya longifolia', Form::Rosette, Pace::Middling, Demand::Middling, 0.8, false, 400.0),
            new Kind('crinum_calamistratum', 'Crinum calamistratum', Form::Ribbon, Pace::Slow, Demand::Shade, 0.7, true),
            new Kind('anubias_nana', 'Anubias barteri var. nana', Form::Epiphyte, Pace::Slow, Demand::Shade, 0.2, false, 120.0),
            new Kind('anubias_species', 'Anubias', Form::Epiphyte, Pace::Slow, Demand::Shade, 0.2),
            new Kind('bucephalandra_species', 'Bucephalandra', Form::Epiphyte, Pace::Slow, Demand::Shade, 0.2, false, 100.0),
            new Kind('microsorum_narrow', 'Microsorum pteropus “narrow”', Form::Fern, Pace::Slow, Demand::Shade, 0.1),
            new Kind('vesicularia_montagnei', 'Vesicularia montagnei', Form::Moss, Pace::Slow, Demand::Shade, 0.0),
            new Kind('riccardia_chamedryfolia', 'Riccardia chamedryfolia', Form::Moss, Pace::Slow, Demand::Middling, 0.0, false, 30.0),
            new Kind('monosolenium_tenerum', 'Monosolenium tenerum', Form::Moss, Pace::Middling, Demand::Shade, 0.0, false, 60.0),
            new Kind('riccia_fluitans', 'Riccia fluitans', Form::Floating, Pace::Fast, Demand::Middling, 0.0),
            new Kind('pistia_stratiotes', 'Pistia stratiotes', Form::Floating, Pace::Fast, Demand::Middling, 0.0),
            new Kind('hydrocotyle_leucocephala', 'Hydrocotyle leucocephala', Form::Stem, Pace::Fast, Demand::Shade, 0.2),
            new Kind('lemna_minor', 'Lemna minor', Form::Floating, Pace::Fast, Demand::Shade, 0.0),
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
