<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/** Common kinds by their botanical names. Form, pace, demand and roots are house defaults; one more is one entry. */
final class PlantCatalogue
{
    /** @return non-empty-array<string, PlantSpecies> by key, in the order of their names */
    public static function all(): array
    {
        /** @var non-empty-array<string, PlantSpecies>|null $all */
        static $all = null;

        return $all ??= self::sorted([
            new PlantSpecies('rotala_rotundifolia', Form::Stem, Pace::Fast, Demand::Middling, 0.3),
            new PlantSpecies('rotala_macrandra', Form::Stem, Pace::Middling, Demand::Much, 0.3),
            new PlantSpecies('ludwigia_repens', Form::Stem, Pace::Middling, Demand::Middling, 0.3),
            new PlantSpecies('hygrophila_polysperma', Form::Stem, Pace::Fast, Demand::Shade, 0.4),
            new PlantSpecies('hygrophila_corymbosa', Form::Stem, Pace::Middling, Demand::Middling, 0.5),
            new PlantSpecies('limnophila_sessiliflora', Form::Stem, Pace::Fast, Demand::Middling, 0.3),
            new PlantSpecies('bacopa_caroliniana', Form::Stem, Pace::Slow, Demand::Middling, 0.3),
            new PlantSpecies('myriophyllum_mattogrossense', Form::Stem, Pace::Fast, Demand::Middling, 0.2, true),
            new PlantSpecies('egeria_densa', Form::Stem, Pace::Fast, Demand::Shade, 0.2, true, tender: true),
            new PlantSpecies('ceratophyllum_demersum', Form::Stem, Pace::Fast, Demand::Shade, 0.0, true, tender: true),
            new PlantSpecies('pogostemon_helferi', Form::Rosette, Pace::Slow, Demand::Middling, 0.4, false, 90.0),
            new PlantSpecies('staurogyne_repens', Form::Stem, Pace::Slow, Demand::Middling, 0.5, false, 150.0),
            new PlantSpecies('eleocharis_acicularis', Form::Runner, Pace::Middling, Demand::Middling, 0.6, false, 150.0),
            new PlantSpecies('eleocharis_pusilla', Form::Runner, Pace::Slow, Demand::Middling, 0.6, false, 80.0),
            new PlantSpecies('lilaeopsis_brasiliensis', Form::Runner, Pace::Slow, Demand::Middling, 0.6, false, 80.0),
            new PlantSpecies('sagittaria_subulata', Form::Runner, Pace::Fast, Demand::Shade, 0.7, true, 250.0),
            new PlantSpecies('helanthium_tenellum', Form::Runner, Pace::Middling, Demand::Middling, 0.7, false, 100.0),
            new PlantSpecies('hemianthus_callitrichoides', Form::Carpet, Pace::Middling, Demand::Much, 0.5),
            new PlantSpecies('micranthemum_tweediei', Form::Carpet, Pace::Fast, Demand::Middling, 0.5),
            new PlantSpecies('glossostigma_elatinoides', Form::Carpet, Pace::Fast, Demand::Much, 0.5),
            new PlantSpecies('marsilea_hirsuta', Form::Carpet, Pace::Slow, Demand::Middling, 0.6),
            new PlantSpecies('cryptocoryne_wendtii', Form::Rosette, Pace::Slow, Demand::Shade, 0.8, false, 200.0),
            new PlantSpecies('cryptocoryne_parva', Form::Rosette, Pace::Slow, Demand::Middling, 0.8, false, 70.0, 2.0),
            new PlantSpecies('cryptocoryne_crispatula', Form::Ribbon, Pace::Slow, Demand::Shade, 0.8, true),
            new PlantSpecies('echinodorus_grisebachii', Form::Rosette, Pace::Fast, Demand::Middling, 0.8, true, 500.0),
            new PlantSpecies('vallisneria_spiralis', Form::Ribbon, Pace::Middling, Demand::Shade, 0.7, true, tender: true),
            new PlantSpecies('vallisneria_nana', Form::Ribbon, Pace::Slow, Demand::Middling, 0.7, true, tender: true),
            new PlantSpecies('anubias_barteri', Form::Epiphyte, Pace::Middling, Demand::Shade, 0.2),
            new PlantSpecies('bucephalandra_motleyana', Form::Epiphyte, Pace::Slow, Demand::Shade, 0.2, false, 100.0),
            new PlantSpecies('microsorum_pteropus', Form::Fern, Pace::Middling, Demand::Shade, 0.1),
            new PlantSpecies('bolbitis_heudelotii', Form::Fern, Pace::Middling, Demand::Shade, 0.1),
            new PlantSpecies('taxiphyllum_barbieri', Form::Moss, Pace::Middling, Demand::Shade, 0.0),
            new PlantSpecies('fissidens_fontanus', Form::Moss, Pace::Slow, Demand::Shade, 0.0, false, 50.0),
            new PlantSpecies('limnobium_laevigatum', Form::Floating, Pace::Middling, Demand::Middling, 0.0),
            new PlantSpecies('salvinia_natans', Form::Floating, Pace::Middling, Demand::Middling, 0.0),
            new PlantSpecies('phyllanthus_fluitans', Form::Floating, Pace::Slow, Demand::Middling, 0.0),
            new PlantSpecies('rotala_species', Form::Stem, Pace::Middling, Demand::Middling, 0.3, name: 'Rotala'),
            new PlantSpecies('ludwigia_species', Form::Stem, Pace::Middling, Demand::Middling, 0.3, name: 'Ludwigia'),
            new PlantSpecies('hygrophila_pinnatifida', Form::Epiphyte, Pace::Middling, Demand::Middling, 0.3, false, 200.0),
            new PlantSpecies('hygrophila_difformis', Form::Stem, Pace::Fast, Demand::Shade, 0.4),
            new PlantSpecies('cabomba_caroliniana', Form::Stem, Pace::Fast, Demand::Middling, 0.2, true),
            new PlantSpecies('elodea_canadensis', Form::Stem, Pace::Fast, Demand::Shade, 0.2, true, tender: true),
            new PlantSpecies('bacopa_monnieri', Form::Stem, Pace::Slow, Demand::Middling, 0.3),
            new PlantSpecies('alternanthera_reineckii', Form::Stem, Pace::Slow, Demand::Much, 0.4),
            new PlantSpecies('lobelia_cardinalis', Form::Stem, Pace::Slow, Demand::Middling, 0.5, false, 250.0),
            new PlantSpecies('heteranthera_zosterifolia', Form::Stem, Pace::Middling, Demand::Middling, 0.3),
            new PlantSpecies('didiplis_diandra', Form::Stem, Pace::Middling, Demand::Much, 0.3),
            new PlantSpecies('pogostemon_stellatus', Form::Stem, Pace::Middling, Demand::Much, 0.3),
            new PlantSpecies('ammannia_gracilis', Form::Stem, Pace::Middling, Demand::Much, 0.4),
            new PlantSpecies('proserpinaca_palustris', Form::Stem, Pace::Slow, Demand::Middling, 0.4),
            new PlantSpecies('hydrocotyle_tripartita', Form::Carpet, Pace::Fast, Demand::Middling, 0.4),
            new PlantSpecies('echinodorus_species', Form::Rosette, Pace::Middling, Demand::Middling, 0.8, true, 400.0, name: 'Echinodorus hybrids'),
            new PlantSpecies('cryptocoryne_species', Form::Rosette, Pace::Slow, Demand::Shade, 0.8, false, 200.0, name: 'Cryptocoryne'),
            new PlantSpecies('cryptocoryne_beckettii', Form::Rosette, Pace::Slow, Demand::Shade, 0.8, false, 200.0),
            new PlantSpecies('cryptocoryne_lucens', Form::Rosette, Pace::Slow, Demand::Shade, 0.8, false, 120.0),
            new PlantSpecies('nymphaea_lotus', Form::Rosette, Pace::Middling, Demand::Middling, 0.8, false, 400.0),
            new PlantSpecies('barclaya_longifolia', Form::Rosette, Pace::Middling, Demand::Middling, 0.8, false, 400.0),
            new PlantSpecies('crinum_calamistratum', Form::Ribbon, Pace::Slow, Demand::Shade, 0.7, true),
            new PlantSpecies('anubias_nana', Form::Epiphyte, Pace::Slow, Demand::Shade, 0.2, false, 120.0, name: 'Anubias barteri var. nana'),
            new PlantSpecies('anubias_species', Form::Epiphyte, Pace::Slow, Demand::Shade, 0.2, name: 'Anubias'),
            new PlantSpecies('bucephalandra_species', Form::Epiphyte, Pace::Slow, Demand::Shade, 0.2, false, 100.0, name: 'Bucephalandra'),
            new PlantSpecies('microsorum_narrow', Form::Fern, Pace::Slow, Demand::Shade, 0.1, name: 'Microsorum pteropus “narrow”'),
            new PlantSpecies('vesicularia_montagnei', Form::Moss, Pace::Slow, Demand::Shade, 0.0),
            new PlantSpecies('riccardia_chamedryfolia', Form::Moss, Pace::Slow, Demand::Middling, 0.0, false, 30.0),
            new PlantSpecies('monosolenium_tenerum', Form::Moss, Pace::Middling, Demand::Shade, 0.0, false, 60.0),
            new PlantSpecies('riccia_fluitans', Form::Floating, Pace::Fast, Demand::Middling, 0.0),
            new PlantSpecies('pistia_stratiotes', Form::Floating, Pace::Fast, Demand::Middling, 0.0),
            new PlantSpecies('hydrocotyle_leucocephala', Form::Stem, Pace::Fast, Demand::Shade, 0.2),
            new PlantSpecies('lemna_minor', Form::Floating, Pace::Fast, Demand::Shade, 0.0),
        ]);
    }

    /**
     * @param non-empty-list<PlantSpecies> $kinds
     *
     * @return non-empty-array<string, PlantSpecies>
     */
    private static function sorted(array $kinds): array
    {
        usort($kinds, static fn(PlantSpecies $a, PlantSpecies $b): int => $a->name <=> $b->name);

        return array_combine(array_map(static fn(PlantSpecies $kind): string => $kind->key, $kinds), $kinds);
    }
}
