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
            new PlantSpecies('rotala_rotundifolia', GrowthForm::Stem, GrowthPace::Fast, LightDemand::Middling, 0.3),
            new PlantSpecies('rotala_macrandra', GrowthForm::Stem, GrowthPace::Middling, LightDemand::Much, 0.3),
            new PlantSpecies('ludwigia_repens', GrowthForm::Stem, GrowthPace::Middling, LightDemand::Middling, 0.3),
            new PlantSpecies('hygrophila_polysperma', GrowthForm::Stem, GrowthPace::Fast, LightDemand::Shade, 0.4),
            new PlantSpecies('hygrophila_corymbosa', GrowthForm::Stem, GrowthPace::Middling, LightDemand::Middling, 0.5),
            new PlantSpecies('limnophila_sessiliflora', GrowthForm::Stem, GrowthPace::Fast, LightDemand::Middling, 0.3),
            new PlantSpecies('bacopa_caroliniana', GrowthForm::Stem, GrowthPace::Slow, LightDemand::Middling, 0.3),
            new PlantSpecies('myriophyllum_mattogrossense', GrowthForm::Stem, GrowthPace::Fast, LightDemand::Middling, 0.2, true),
            new PlantSpecies('egeria_densa', GrowthForm::Stem, GrowthPace::Fast, LightDemand::Shade, 0.2, true, tender: true),
            new PlantSpecies('ceratophyllum_demersum', GrowthForm::Stem, GrowthPace::Fast, LightDemand::Shade, 0.0, true, tender: true),
            new PlantSpecies('pogostemon_helferi', GrowthForm::Rosette, GrowthPace::Slow, LightDemand::Middling, 0.4, false, 90.0),
            new PlantSpecies('staurogyne_repens', GrowthForm::Stem, GrowthPace::Slow, LightDemand::Middling, 0.5, false, 150.0),
            new PlantSpecies('eleocharis_acicularis', GrowthForm::Runner, GrowthPace::Middling, LightDemand::Middling, 0.6, false, 150.0),
            new PlantSpecies('eleocharis_pusilla', GrowthForm::Runner, GrowthPace::Slow, LightDemand::Middling, 0.6, false, 80.0),
            new PlantSpecies('lilaeopsis_brasiliensis', GrowthForm::Runner, GrowthPace::Slow, LightDemand::Middling, 0.6, false, 80.0),
            new PlantSpecies('sagittaria_subulata', GrowthForm::Runner, GrowthPace::Fast, LightDemand::Shade, 0.7, true, 250.0),
            new PlantSpecies('helanthium_tenellum', GrowthForm::Runner, GrowthPace::Middling, LightDemand::Middling, 0.7, false, 100.0),
            new PlantSpecies('hemianthus_callitrichoides', GrowthForm::Carpet, GrowthPace::Middling, LightDemand::Much, 0.5),
            new PlantSpecies('micranthemum_tweediei', GrowthForm::Carpet, GrowthPace::Fast, LightDemand::Middling, 0.5),
            new PlantSpecies('glossostigma_elatinoides', GrowthForm::Carpet, GrowthPace::Fast, LightDemand::Much, 0.5),
            new PlantSpecies('marsilea_hirsuta', GrowthForm::Carpet, GrowthPace::Slow, LightDemand::Middling, 0.6),
            new PlantSpecies('cryptocoryne_wendtii', GrowthForm::Rosette, GrowthPace::Slow, LightDemand::Shade, 0.8, false, 200.0),
            new PlantSpecies('cryptocoryne_parva', GrowthForm::Rosette, GrowthPace::Slow, LightDemand::Middling, 0.8, false, 70.0, 2.0),
            new PlantSpecies('cryptocoryne_crispatula', GrowthForm::Ribbon, GrowthPace::Slow, LightDemand::Shade, 0.8, true),
            new PlantSpecies('echinodorus_grisebachii', GrowthForm::Rosette, GrowthPace::Fast, LightDemand::Middling, 0.8, true, 500.0),
            new PlantSpecies('vallisneria_spiralis', GrowthForm::Ribbon, GrowthPace::Middling, LightDemand::Shade, 0.7, true, tender: true),
            new PlantSpecies('vallisneria_nana', GrowthForm::Ribbon, GrowthPace::Slow, LightDemand::Middling, 0.7, true, tender: true),
            new PlantSpecies('anubias_barteri', GrowthForm::Epiphyte, GrowthPace::Middling, LightDemand::Shade, 0.2),
            new PlantSpecies('bucephalandra_motleyana', GrowthForm::Epiphyte, GrowthPace::Slow, LightDemand::Shade, 0.2, false, 100.0),
            new PlantSpecies('microsorum_pteropus', GrowthForm::Fern, GrowthPace::Middling, LightDemand::Shade, 0.1),
            new PlantSpecies('bolbitis_heudelotii', GrowthForm::Fern, GrowthPace::Middling, LightDemand::Shade, 0.1),
            new PlantSpecies('taxiphyllum_barbieri', GrowthForm::Moss, GrowthPace::Middling, LightDemand::Shade, 0.0),
            new PlantSpecies('fissidens_fontanus', GrowthForm::Moss, GrowthPace::Slow, LightDemand::Shade, 0.0, false, 50.0),
            new PlantSpecies('limnobium_laevigatum', GrowthForm::Floating, GrowthPace::Middling, LightDemand::Middling, 0.0),
            new PlantSpecies('salvinia_natans', GrowthForm::Floating, GrowthPace::Middling, LightDemand::Middling, 0.0),
            new PlantSpecies('phyllanthus_fluitans', GrowthForm::Floating, GrowthPace::Slow, LightDemand::Middling, 0.0),
            new PlantSpecies('rotala_species', GrowthForm::Stem, GrowthPace::Middling, LightDemand::Middling, 0.3, name: 'Rotala'),
            new PlantSpecies('ludwigia_species', GrowthForm::Stem, GrowthPace::Middling, LightDemand::Middling, 0.3, name: 'Ludwigia'),
            new PlantSpecies('hygrophila_pinnatifida', GrowthForm::Epiphyte, GrowthPace::Middling, LightDemand::Middling, 0.3, false, 200.0),
            new PlantSpecies('hygrophila_difformis', GrowthForm::Stem, GrowthPace::Fast, LightDemand::Shade, 0.4),
            new PlantSpecies('cabomba_caroliniana', GrowthForm::Stem, GrowthPace::Fast, LightDemand::Middling, 0.2, true),
            new PlantSpecies('elodea_canadensis', GrowthForm::Stem, GrowthPace::Fast, LightDemand::Shade, 0.2, true, tender: true),
            new PlantSpecies('bacopa_monnieri', GrowthForm::Stem, GrowthPace::Slow, LightDemand::Middling, 0.3),
            new PlantSpecies('alternanthera_reineckii', GrowthForm::Stem, GrowthPace::Slow, LightDemand::Much, 0.4),
            new PlantSpecies('lobelia_cardinalis', GrowthForm::Stem, GrowthPace::Slow, LightDemand::Middling, 0.5, false, 250.0),
            new PlantSpecies('heteranthera_zosterifolia', GrowthForm::Stem, GrowthPace::Middling, LightDemand::Middling, 0.3),
            new PlantSpecies('didiplis_diandra', GrowthForm::Stem, GrowthPace::Middling, LightDemand::Much, 0.3),
            new PlantSpecies('pogostemon_stellatus', GrowthForm::Stem, GrowthPace::Middling, LightDemand::Much, 0.3),
            new PlantSpecies('ammannia_gracilis', GrowthForm::Stem, GrowthPace::Middling, LightDemand::Much, 0.4),
            new PlantSpecies('proserpinaca_palustris', GrowthForm::Stem, GrowthPace::Slow, LightDemand::Middling, 0.4),
            new PlantSpecies('hydrocotyle_tripartita', GrowthForm::Carpet, GrowthPace::Fast, LightDemand::Middling, 0.4),
            new PlantSpecies(
                'echinodorus_species',
                GrowthForm::Rosette,
                GrowthPace::Middling,
                LightDemand::Middling,
                0.8,
                true,
                400.0,
                name: 'Echinodorus hybrids',
            ),
            new PlantSpecies('cryptocoryne_species', GrowthForm::Rosette, GrowthPace::Slow, LightDemand::Shade, 0.8, false, 200.0, name: 'Cryptocoryne'),
            new PlantSpecies('cryptocoryne_beckettii', GrowthForm::Rosette, GrowthPace::Slow, LightDemand::Shade, 0.8, false, 200.0),
            new PlantSpecies('cryptocoryne_lucens', GrowthForm::Rosette, GrowthPace::Slow, LightDemand::Shade, 0.8, false, 120.0),
            new PlantSpecies('nymphaea_lotus', GrowthForm::Rosette, GrowthPace::Middling, LightDemand::Middling, 0.8, false, 400.0),
            new PlantSpecies('barclaya_longifolia', GrowthForm::Rosette, GrowthPace::Middling, LightDemand::Middling, 0.8, false, 400.0),
            new PlantSpecies('crinum_calamistratum', GrowthForm::Ribbon, GrowthPace::Slow, LightDemand::Shade, 0.7, true),
            new PlantSpecies('anubias_nana', GrowthForm::Epiphyte, GrowthPace::Slow, LightDemand::Shade, 0.2, false, 120.0, name: 'Anubias barteri var. nana'),
            new PlantSpecies('anubias_species', GrowthForm::Epiphyte, GrowthPace::Slow, LightDemand::Shade, 0.2, name: 'Anubias'),
            new PlantSpecies('bucephalandra_species', GrowthForm::Epiphyte, GrowthPace::Slow, LightDemand::Shade, 0.2, false, 100.0, name: 'Bucephalandra'),
            new PlantSpecies('microsorum_narrow', GrowthForm::Fern, GrowthPace::Slow, LightDemand::Shade, 0.1, name: 'Microsorum pteropus “narrow”'),
            new PlantSpecies('vesicularia_montagnei', GrowthForm::Moss, GrowthPace::Slow, LightDemand::Shade, 0.0),
            new PlantSpecies('riccardia_chamedryfolia', GrowthForm::Moss, GrowthPace::Slow, LightDemand::Middling, 0.0, false, 30.0),
            new PlantSpecies('monosolenium_tenerum', GrowthForm::Moss, GrowthPace::Middling, LightDemand::Shade, 0.0, false, 60.0),
            new PlantSpecies('riccia_fluitans', GrowthForm::Floating, GrowthPace::Fast, LightDemand::Middling, 0.0),
            new PlantSpecies('pistia_stratiotes', GrowthForm::Floating, GrowthPace::Fast, LightDemand::Middling, 0.0),
            new PlantSpecies('hydrocotyle_leucocephala', GrowthForm::Stem, GrowthPace::Fast, LightDemand::Shade, 0.2),
            new PlantSpecies('lemna_minor', GrowthForm::Floating, GrowthPace::Fast, LightDemand::Shade, 0.0),
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
