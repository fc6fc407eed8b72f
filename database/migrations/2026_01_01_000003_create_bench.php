<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('keepers', function (Blueprint $table): void {
            $table->double('scale_step')->default(0.1);
            // Devices that are played by a simulation, by name.
            $table->json('simulated')->nullable();
        });
        Schema::create('analyses', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->foreignId('water_id')->constrained()->cascadeOnDelete();
            $table->date('sampled_on');
            // mg/L by ion; hardness in mmol/L, alkalinity in meq/L, conductivity in uS/cm at 25 degC.
            $table->json('milligrams');
            $table->double('hardness')->nullable();
            $table->double('alkalinity')->nullable();
            $table->double('ph')->nullable();
            $table->double('conductivity')->nullable();
            $table->string('note', 500)->nullable();
            $table->timestamps();
            $table->index(['water_id', 'sampled_on']);
        });
        Schema::create('jars', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->string('salt', 40)->nullable();
            $table->string('unit', 2)->default('g');
            $table->json('label')->nullable();
            $table->double('purity')->default(1);
            // Of the keeper's money for 100 units.
            $table->double('price')->default(0);
            $table->double('stock')->nullable();
            $table->timestamps();
        });
        Schema::create('spoon_trials', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('jar_id')->constrained()->cascadeOnDelete();
            $table->string('method', 10);
            $table->unsignedSmallInteger('spoons');
            $table->double('grams_each');
            $table->timestamp('taken_at');
        });
        Schema::create('pen_trials', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->double('shown');
            $table->double('known');
            $table->timestamp('taken_at');
        });
        Schema::create('stores', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->foreignId('water_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name', 60);
            $table->double('capacity');
            $table->double('level');
            $table->double('litres_per_day');
            $table->double('waste');
            $table->date('membrane_on')->nullable();
            $table->date('resin_on')->nullable();
            $table->timestamps();
        });
        Schema::create('rejections', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained()->cascadeOnDelete();
            $table->double('conductivity_in');
            $table->double('conductivity_out');
            $table->boolean('is_first')->default(false);
            $table->timestamp('taken_at');
            $table->index(['store_id', 'taken_at']);
        });
        Schema::create('recipes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->json('content');
            $table->timestamps();
        });
        Schema::create('batches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->foreignId('tank_id')->nullable()->constrained()->nullOnDelete();
            // The water that it makes.
            $table->foreignId('water_id')->nullable()->constrained()->cascadeOnDelete();
            $table->double('litres');
            $table->json('card');
            $table->json('checks');
            $table->timestamp('made_at')->nullable();
            $table->timestamps();
            $table->index(['water_id', 'id']);
            $table->index(['keeper_id', 'id']);
        });
        Schema::create('top_ups', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            $table->double('litres');
            $table->timestamp('taken_at');
            $table->index(['tank_id', 'taken_at']);
        });
    }

    public function down(): void
    {
        foreach (['top_ups', 'batches', 'recipes', 'rejections', 'stores', 'pen_trials', 'spoon_trials', 'jars', 'analyses'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('keepers', function (Blueprint $table): void {
            $table->dropColumn(['scale_step', 'simulated']);
        });
    }
};
