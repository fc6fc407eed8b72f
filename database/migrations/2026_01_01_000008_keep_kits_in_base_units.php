<?php

declare(strict_types=1);

use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('keepers', function (Blueprint $table): void {
            // What lengths are typed and shown in; kept in mm whatever it is.
            $table->string('length_unit', 10)->default('metric');
        });
        // A drop is worth what it is worth, whichever unit it is shown in: steps and fields go into the base unit.
        $this->convert(
            static fn(Unit $unit, float $step): float => $unit->widthToBase($step),
            static fn(Unit $unit, float $field): float => $unit->toBase($field),
        );
    }

    public function down(): void
    {
        $this->convert(
            static fn(Unit $unit, float $step): float => $unit->widthFromBase($step),
            static fn(Unit $unit, float $field): float => $unit->fromBase($field),
        );
        Schema::table('keepers', function (Blueprint $table): void {
            $table->dropColumn('length_unit');
        });
    }

    private function convert(Closure $width, Closure $value): void
    {
        foreach (DB::table('kits')->join('keepers', 'keepers.id', '=', 'kits.keeper_id')->get([
            'kits.id', 'kits.parameter', 'kits.unit', 'kits.step', 'kits.fields', 'keepers.pen_factor',
        ]) as $kit) {
            $parameter = Parameter::tryFrom((string) $kit->parameter);
            if ($parameter === null) {
                continue;
            }
            $unit = Unit::of($parameter, (string) $kit->unit, max(0.4, min(1.0, (float) $kit->pen_factor)));
            $fields = json_decode((string) $kit->fields, true);
            DB::table('kits')->where('id', $kit->id)->update([
                'step' => $width($unit, (float) $kit->step),
                'fields' => json_encode(array_map(static fn(mixed $field): float => $value($unit, (float) $field), is_array($fields) ? $fields : [])),
            ]);
        }
    }
};
