<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('tanks', function (Blueprint $table): void {
            $table->string('glass_cover', 10)->default('open');
            $table->string('water_tint', 10)->default('clear');
            // mg/L while the lamps are on; null where nobody has looked.
            $table->double('carbon_dioxide')->nullable();
            // Counts up whenever its stands, lamps or what was seen of them change.
            $table->unsignedInteger('plants_version')->default(0);
        });
        Schema::table('keepers', function (Blueprint $table): void {
            // mm that a hand is broad.
            $table->double('hand')->default(90);
        });
        Schema::create('lamps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 10);
            // What its light was told by: maker (µmol/s), lumens or watts.
            $table->string('told_by', 10);
            $table->double('told');
            $table->string('colour', 12)->default('white');
            $table->string('type', 12)->default('led');
            // mm.
            $table->double('length');
            $table->double('width');
            $table->double('above');
            $table->double('angle')->default(120);
            $table->double('dimmer')->default(1);
            $table->double('hours')->default(8);
            // Minutes.
            $table->double('ramp')->default(0);
            // Where its middle is, as shares of the plan from the left and from the front.
            $table->double('across')->default(0.5);
            $table->double('front')->default(0.5);
            $table->unsignedSmallInteger('spots')->default(1);
            $table->index('tank_id');
        });
        Schema::create('light_readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            // µmol/m2s, at shares of the plan from the left and from the front and mm under the water.
            $table->double('light');
            $table->double('across');
            $table->double('front');
            $table->double('depth');
            $table->double('band');
            $table->timestamp('taken_at');
            $table->index('tank_id');
        });
        Schema::create('plant_kinds', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('form', 12);
            $table->string('pace', 12);
            $table->string('demand', 12);
            $table->double('roots')->default(0.5);
            $table->boolean('bicarbonate')->default(false);
            // mm, where it is not that of its form.
            $table->double('ceiling')->nullable();
            $table->unique(['keeper_id', 'name']);
        });
        Schema::create('stands', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            // Of the catalogue, or one of the keeper's own.
            $table->string('kind', 40)->nullable();
            $table->foreignId('plant_kind_id')->nullable()->constrained()->restrictOnDelete();
            // Shares of the plan from the left and from the front.
            $table->double('left_edge');
            $table->double('right_edge');
            $table->double('front_edge');
            $table->double('back_edge');
            // mm.
            $table->double('perch')->default(0);
            $table->double('wished')->nullable();
            $table->double('ceiling')->nullable();
            $table->date('planted_on')->nullable();
            $table->boolean('from_air')->default(false);
            $table->timestamp('gone_at')->nullable();
            $table->string('note', 500)->nullable();
            $table->timestamp('looked_at')->nullable();
            $table->index(['tank_id', 'gone_at']);
        });
        Schema::create('stand_looks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stand_id')->constrained()->cascadeOnDelete();
            $table->foreignId('run_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('happened_at');
            // mm and 0 to 1 as left; before, where it was cut.
            $table->double('height');
            $table->double('cover')->default(1);
            $table->double('before')->nullable();
            $table->double('cover_before')->nullable();
            $table->boolean('guessed')->default(false);
            // What the forecast had said of the height that was found, mm.
            $table->double('foreseen')->nullable();
            $table->double('foreseen_low')->nullable();
            $table->double('foreseen_high')->nullable();
            // g, drained; tops that were set again; tops that are left over.
            $table->double('fresh')->nullable();
            $table->unsignedSmallInteger('replanted')->default(0);
            $table->unsignedSmallInteger('surplus')->default(0);
            $table->index(['stand_id', 'happened_at', 'id']);
        });
    }

    public function down(): void
    {
        foreach (['stand_looks', 'stands', 'plant_kinds', 'light_readings', 'lamps'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('keepers', fn(Blueprint $table) => $table->dropColumn('hand'));
        Schema::table('tanks', fn(Blueprint $table) => $table->dropColumn(['glass_cover', 'water_tint', 'carbon_dioxide', 'plants_version']));
    }
};
