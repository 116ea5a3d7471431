import { Component } from '@angular/core';
@Component({ selector: 'otter-bands', template: 'Bands' })
export class Bands {}
