var __getOwnPropNames = Object.getOwnPropertyNames;
var __commonJS = (cb, mod) => function() {
  try {
    return mod || (0, cb[__getOwnPropNames(cb)[0]])((mod = { exports: {} }).exports, mod), mod.exports;
  } catch (e) {
    throw mod = 0, e;
  }
};

// packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js
var require_ucs2length = __commonJS({
  "packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js"(exports) {
    "use strict";
    Object.defineProperty(exports, "__esModule", { value: !0 });
    function ucs2length(str) {
      let len = str.length, length = 0, pos = 0, value;
      for (; pos < len; )
        length++, value = str.charCodeAt(pos++), value >= 55296 && value <= 56319 && pos < len && (value = str.charCodeAt(pos), (value & 64512) === 56320 && pos++);
      return length;
    }
    exports.default = ucs2length;
    ucs2length.code = 'require("ajv/dist/runtime/ucs2length").default';
  }
});

// <stdin>
var changeAgreement = validate96, schema107 = { type: "object", required: ["id", "validFrom", "reason"], properties: { id: { type: "string", format: "uuid" }, validFrom: { type: "string", format: "date" }, method: { type: "string", enum: ["time and materials", "not billable"] }, limit: { anyOf: [{ type: "integer", minimum: 0, maximum: 9e9 }, { type: "null" }] }, increment: { type: "integer", enum: [1, 5, 6, 10, 15, 30, 60] }, mode: { type: "string", enum: ["nearest", "up", "down"] }, unit: { type: "string", enum: ["entry", "day"] }, minimum: { type: "integer", minimum: 0, maximum: 1440 }, decimalPlaces: { anyOf: [{ type: "integer", minimum: 2, maximum: 6 }, { type: "null" }] }, rate: { anyOf: [{ type: "integer", minimum: 0, maximum: 1e9 }, { type: "null" }] }, reason: { type: "string", minLength: 1, maxLength: 500, pattern: "\\S" }, seen: { anyOf: [{ type: "string", maxLength: 100 }, { type: "null" }] } }, additionalProperties: !1 }, func1 = Object.prototype.hasOwnProperty, func2 = require_ucs2length().default, formats4 = /^[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/, formats0 = /^\d{4}-\d{2}-\d{2}$/, pattern4 = new RegExp("\\S", "u");
function validate96(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate96.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.validFrom === void 0 && (missing0 = "validFrom") || data.reason === void 0 && (missing0 = "reason"))
        return validate96.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!func1.call(schema107.properties, key0)) {
            return validate96.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate96.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate96.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.validFrom !== void 0) {
              let data1 = data.validFrom, _errs4 = errors;
              if (errors === _errs4 && errors === _errs4)
                if (typeof data1 == "string") {
                  if (!formats0.test(data1))
                    return validate96.errors = [{ instancePath: instancePath + "/validFrom", schemaPath: "#/properties/validFrom/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' }], !1;
                } else
                  return validate96.errors = [{ instancePath: instancePath + "/validFrom", schemaPath: "#/properties/validFrom/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.method !== void 0) {
                let data2 = data.method, _errs6 = errors;
                if (typeof data2 != "string")
                  return validate96.errors = [{ instancePath: instancePath + "/method", schemaPath: "#/properties/method/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                if (!(data2 === "time and materials" || data2 === "not billable"))
                  return validate96.errors = [{ instancePath: instancePath + "/method", schemaPath: "#/properties/method/enum", keyword: "enum", params: { allowedValues: schema107.properties.method.enum }, message: "must be equal to one of the allowed values" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.limit !== void 0) {
                  let data3 = data.limit, _errs8 = errors, _errs9 = errors, valid1 = !1, _errs10 = errors;
                  if (!(typeof data3 == "number" && !(data3 % 1) && !isNaN(data3) && isFinite(data3))) {
                    let err0 = { instancePath: instancePath + "/limit", schemaPath: "#/properties/limit/anyOf/0/type", keyword: "type", params: { type: "integer" }, message: "must be integer" };
                    vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                  }
                  if (errors === _errs10 && typeof data3 == "number" && isFinite(data3)) {
                    if (data3 > 9e9 || isNaN(data3)) {
                      let err1 = { instancePath: instancePath + "/limit", schemaPath: "#/properties/limit/anyOf/0/maximum", keyword: "maximum", params: { comparison: "<=", limit: 9e9 }, message: "must be <= 9000000000" };
                      vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                    } else if (data3 < 0 || isNaN(data3)) {
                      let err2 = { instancePath: instancePath + "/limit", schemaPath: "#/properties/limit/anyOf/0/minimum", keyword: "minimum", params: { comparison: ">=", limit: 0 }, message: "must be >= 0" };
                      vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                    }
                  }
                  var _valid0 = _errs10 === errors;
                  valid1 = valid1 || _valid0;
                  let _errs12 = errors;
                  if (data3 !== null) {
                    let err3 = { instancePath: instancePath + "/limit", schemaPath: "#/properties/limit/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                    vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++;
                  }
                  var _valid0 = _errs12 === errors;
                  if (valid1 = valid1 || _valid0, valid1)
                    errors = _errs9, vErrors !== null && (_errs9 ? vErrors.length = _errs9 : vErrors = null);
                  else {
                    let err4 = { instancePath: instancePath + "/limit", schemaPath: "#/properties/limit/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                    return vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++, validate96.errors = vErrors, !1;
                  }
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
                if (valid0) {
                  if (data.increment !== void 0) {
                    let data4 = data.increment, _errs14 = errors;
                    if (!(typeof data4 == "number" && !(data4 % 1) && !isNaN(data4) && isFinite(data4)))
                      return validate96.errors = [{ instancePath: instancePath + "/increment", schemaPath: "#/properties/increment/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                    if (!(data4 === 1 || data4 === 5 || data4 === 6 || data4 === 10 || data4 === 15 || data4 === 30 || data4 === 60))
                      return validate96.errors = [{ instancePath: instancePath + "/increment", schemaPath: "#/properties/increment/enum", keyword: "enum", params: { allowedValues: schema107.properties.increment.enum }, message: "must be equal to one of the allowed values" }], !1;
                    var valid0 = _errs14 === errors;
                  } else
                    var valid0 = !0;
                  if (valid0) {
                    if (data.mode !== void 0) {
                      let data5 = data.mode, _errs16 = errors;
                      if (typeof data5 != "string")
                        return validate96.errors = [{ instancePath: instancePath + "/mode", schemaPath: "#/properties/mode/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                      if (!(data5 === "nearest" || data5 === "up" || data5 === "down"))
                        return validate96.errors = [{ instancePath: instancePath + "/mode", schemaPath: "#/properties/mode/enum", keyword: "enum", params: { allowedValues: schema107.properties.mode.enum }, message: "must be equal to one of the allowed values" }], !1;
                      var valid0 = _errs16 === errors;
                    } else
                      var valid0 = !0;
                    if (valid0) {
                      if (data.unit !== void 0) {
                        let data6 = data.unit, _errs18 = errors;
                        if (typeof data6 != "string")
                          return validate96.errors = [{ instancePath: instancePath + "/unit", schemaPath: "#/properties/unit/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                        if (!(data6 === "entry" || data6 === "day"))
                          return validate96.errors = [{ instancePath: instancePath + "/unit", schemaPath: "#/properties/unit/enum", keyword: "enum", params: { allowedValues: schema107.properties.unit.enum }, message: "must be equal to one of the allowed values" }], !1;
                        var valid0 = _errs18 === errors;
                      } else
                        var valid0 = !0;
                      if (valid0) {
                        if (data.minimum !== void 0) {
                          let data7 = data.minimum, _errs20 = errors;
                          if (!(typeof data7 == "number" && !(data7 % 1) && !isNaN(data7) && isFinite(data7)))
                            return validate96.errors = [{ instancePath: instancePath + "/minimum", schemaPath: "#/properties/minimum/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                          if (errors === _errs20 && typeof data7 == "number" && isFinite(data7)) {
                            if (data7 > 1440 || isNaN(data7))
                              return validate96.errors = [{ instancePath: instancePath + "/minimum", schemaPath: "#/properties/minimum/maximum", keyword: "maximum", params: { comparison: "<=", limit: 1440 }, message: "must be <= 1440" }], !1;
                            if (data7 < 0 || isNaN(data7))
                              return validate96.errors = [{ instancePath: instancePath + "/minimum", schemaPath: "#/properties/minimum/minimum", keyword: "minimum", params: { comparison: ">=", limit: 0 }, message: "must be >= 0" }], !1;
                          }
                          var valid0 = _errs20 === errors;
                        } else
                          var valid0 = !0;
                        if (valid0) {
                          if (data.decimalPlaces !== void 0) {
                            let data8 = data.decimalPlaces, _errs22 = errors, _errs23 = errors, valid2 = !1, _errs24 = errors;
                            if (!(typeof data8 == "number" && !(data8 % 1) && !isNaN(data8) && isFinite(data8))) {
                              let err5 = { instancePath: instancePath + "/decimalPlaces", schemaPath: "#/properties/decimalPlaces/anyOf/0/type", keyword: "type", params: { type: "integer" }, message: "must be integer" };
                              vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                            }
                            if (errors === _errs24 && typeof data8 == "number" && isFinite(data8)) {
                              if (data8 > 6 || isNaN(data8)) {
                                let err6 = { instancePath: instancePath + "/decimalPlaces", schemaPath: "#/properties/decimalPlaces/anyOf/0/maximum", keyword: "maximum", params: { comparison: "<=", limit: 6 }, message: "must be <= 6" };
                                vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                              } else if (data8 < 2 || isNaN(data8)) {
                                let err7 = { instancePath: instancePath + "/decimalPlaces", schemaPath: "#/properties/decimalPlaces/anyOf/0/minimum", keyword: "minimum", params: { comparison: ">=", limit: 2 }, message: "must be >= 2" };
                                vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++;
                              }
                            }
                            var _valid1 = _errs24 === errors;
                            valid2 = valid2 || _valid1;
                            let _errs26 = errors;
                            if (data8 !== null) {
                              let err8 = { instancePath: instancePath + "/decimalPlaces", schemaPath: "#/properties/decimalPlaces/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                              vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                            }
                            var _valid1 = _errs26 === errors;
                            if (valid2 = valid2 || _valid1, valid2)
                              errors = _errs23, vErrors !== null && (_errs23 ? vErrors.length = _errs23 : vErrors = null);
                            else {
                              let err9 = { instancePath: instancePath + "/decimalPlaces", schemaPath: "#/properties/decimalPlaces/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                              return vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++, validate96.errors = vErrors, !1;
                            }
                            var valid0 = _errs22 === errors;
                          } else
                            var valid0 = !0;
                          if (valid0) {
                            if (data.rate !== void 0) {
                              let data9 = data.rate, _errs28 = errors, _errs29 = errors, valid3 = !1, _errs30 = errors;
                              if (!(typeof data9 == "number" && !(data9 % 1) && !isNaN(data9) && isFinite(data9))) {
                                let err10 = { instancePath: instancePath + "/rate", schemaPath: "#/properties/rate/anyOf/0/type", keyword: "type", params: { type: "integer" }, message: "must be integer" };
                                vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                              }
                              if (errors === _errs30 && typeof data9 == "number" && isFinite(data9)) {
                                if (data9 > 1e9 || isNaN(data9)) {
                                  let err11 = { instancePath: instancePath + "/rate", schemaPath: "#/properties/rate/anyOf/0/maximum", keyword: "maximum", params: { comparison: "<=", limit: 1e9 }, message: "must be <= 1000000000" };
                                  vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++;
                                } else if (data9 < 0 || isNaN(data9)) {
                                  let err12 = { instancePath: instancePath + "/rate", schemaPath: "#/properties/rate/anyOf/0/minimum", keyword: "minimum", params: { comparison: ">=", limit: 0 }, message: "must be >= 0" };
                                  vErrors === null ? vErrors = [err12] : vErrors.push(err12), errors++;
                                }
                              }
                              var _valid2 = _errs30 === errors;
                              valid3 = valid3 || _valid2;
                              let _errs32 = errors;
                              if (data9 !== null) {
                                let err13 = { instancePath: instancePath + "/rate", schemaPath: "#/properties/rate/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                vErrors === null ? vErrors = [err13] : vErrors.push(err13), errors++;
                              }
                              var _valid2 = _errs32 === errors;
                              if (valid3 = valid3 || _valid2, valid3)
                                errors = _errs29, vErrors !== null && (_errs29 ? vErrors.length = _errs29 : vErrors = null);
                              else {
                                let err14 = { instancePath: instancePath + "/rate", schemaPath: "#/properties/rate/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                return vErrors === null ? vErrors = [err14] : vErrors.push(err14), errors++, validate96.errors = vErrors, !1;
                              }
                              var valid0 = _errs28 === errors;
                            } else
                              var valid0 = !0;
                            if (valid0) {
                              if (data.reason !== void 0) {
                                let data10 = data.reason, _errs34 = errors;
                                if (errors === _errs34)
                                  if (typeof data10 == "string") {
                                    if (func2(data10) > 500)
                                      return validate96.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                                    if (func2(data10) < 1)
                                      return validate96.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                    if (!pattern4.test(data10))
                                      return validate96.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                  } else
                                    return validate96.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                var valid0 = _errs34 === errors;
                              } else
                                var valid0 = !0;
                              if (valid0)
                                if (data.seen !== void 0) {
                                  let data11 = data.seen, _errs36 = errors, _errs37 = errors, valid4 = !1, _errs38 = errors;
                                  if (errors === _errs38)
                                    if (typeof data11 == "string") {
                                      if (func2(data11) > 100) {
                                        let err15 = { instancePath: instancePath + "/seen", schemaPath: "#/properties/seen/anyOf/0/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" };
                                        vErrors === null ? vErrors = [err15] : vErrors.push(err15), errors++;
                                      }
                                    } else {
                                      let err16 = { instancePath: instancePath + "/seen", schemaPath: "#/properties/seen/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                      vErrors === null ? vErrors = [err16] : vErrors.push(err16), errors++;
                                    }
                                  var _valid3 = _errs38 === errors;
                                  valid4 = valid4 || _valid3;
                                  let _errs40 = errors;
                                  if (data11 !== null) {
                                    let err17 = { instancePath: instancePath + "/seen", schemaPath: "#/properties/seen/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                    vErrors === null ? vErrors = [err17] : vErrors.push(err17), errors++;
                                  }
                                  var _valid3 = _errs40 === errors;
                                  if (valid4 = valid4 || _valid3, valid4)
                                    errors = _errs37, vErrors !== null && (_errs37 ? vErrors.length = _errs37 : vErrors = null);
                                  else {
                                    let err18 = { instancePath: instancePath + "/seen", schemaPath: "#/properties/seen/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                    return vErrors === null ? vErrors = [err18] : vErrors.push(err18), errors++, validate96.errors = vErrors, !1;
                                  }
                                  var valid0 = _errs36 === errors;
                                } else
                                  var valid0 = !0;
                            }
                          }
                        }
                      }
                    }
                  }
                }
              }
            }
          }
        }
      }
    } else
      return validate96.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate96.errors = vErrors, errors === 0;
}
validate96.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeTerms = validate97, schema108 = { type: "object", required: ["terms", "from"], properties: { terms: { type: "object", required: ["increment", "mode", "unit", "minimum", "decimalPlaces"], properties: { increment: { type: "integer", enum: [1, 5, 6, 10, 15, 30, 60] }, mode: { type: "string", enum: ["nearest", "up", "down"] }, unit: { type: "string", enum: ["entry", "day"] }, minimum: { type: "integer", minimum: 0, maximum: 1440 }, decimalPlaces: { anyOf: [{ type: "integer", minimum: 2, maximum: 6 }, { type: "null" }] } }, additionalProperties: !1 }, from: { anyOf: [{ type: "string", format: "date" }, { type: "null" }] } }, additionalProperties: !1 };
function validate97(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate97.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.terms === void 0 && (missing0 = "terms") || data.from === void 0 && (missing0 = "from"))
        return validate97.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "terms" || key0 === "from")) {
            return validate97.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.terms !== void 0) {
            let data0 = data.terms, _errs2 = errors;
            if (errors === _errs2)
              if (data0 && typeof data0 == "object" && !Array.isArray(data0)) {
                let missing1;
                if (data0.increment === void 0 && (missing1 = "increment") || data0.mode === void 0 && (missing1 = "mode") || data0.unit === void 0 && (missing1 = "unit") || data0.minimum === void 0 && (missing1 = "minimum") || data0.decimalPlaces === void 0 && (missing1 = "decimalPlaces"))
                  return validate97.errors = [{ instancePath: instancePath + "/terms", schemaPath: "#/properties/terms/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                {
                  let _errs4 = errors;
                  for (let key1 in data0)
                    if (!(key1 === "increment" || key1 === "mode" || key1 === "unit" || key1 === "minimum" || key1 === "decimalPlaces")) {
                      return validate97.errors = [{ instancePath: instancePath + "/terms", schemaPath: "#/properties/terms/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                      break;
                    }
                  if (_errs4 === errors) {
                    if (data0.increment !== void 0) {
                      let data1 = data0.increment, _errs5 = errors;
                      if (!(typeof data1 == "number" && !(data1 % 1) && !isNaN(data1) && isFinite(data1)))
                        return validate97.errors = [{ instancePath: instancePath + "/terms/increment", schemaPath: "#/properties/terms/properties/increment/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                      if (!(data1 === 1 || data1 === 5 || data1 === 6 || data1 === 10 || data1 === 15 || data1 === 30 || data1 === 60))
                        return validate97.errors = [{ instancePath: instancePath + "/terms/increment", schemaPath: "#/properties/terms/properties/increment/enum", keyword: "enum", params: { allowedValues: schema108.properties.terms.properties.increment.enum }, message: "must be equal to one of the allowed values" }], !1;
                      var valid1 = _errs5 === errors;
                    } else
                      var valid1 = !0;
                    if (valid1) {
                      if (data0.mode !== void 0) {
                        let data2 = data0.mode, _errs7 = errors;
                        if (typeof data2 != "string")
                          return validate97.errors = [{ instancePath: instancePath + "/terms/mode", schemaPath: "#/properties/terms/properties/mode/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                        if (!(data2 === "nearest" || data2 === "up" || data2 === "down"))
                          return validate97.errors = [{ instancePath: instancePath + "/terms/mode", schemaPath: "#/properties/terms/properties/mode/enum", keyword: "enum", params: { allowedValues: schema108.properties.terms.properties.mode.enum }, message: "must be equal to one of the allowed values" }], !1;
                        var valid1 = _errs7 === errors;
                      } else
                        var valid1 = !0;
                      if (valid1) {
                        if (data0.unit !== void 0) {
                          let data3 = data0.unit, _errs9 = errors;
                          if (typeof data3 != "string")
                            return validate97.errors = [{ instancePath: instancePath + "/terms/unit", schemaPath: "#/properties/terms/properties/unit/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                          if (!(data3 === "entry" || data3 === "day"))
                            return validate97.errors = [{ instancePath: instancePath + "/terms/unit", schemaPath: "#/properties/terms/properties/unit/enum", keyword: "enum", params: { allowedValues: schema108.properties.terms.properties.unit.enum }, message: "must be equal to one of the allowed values" }], !1;
                          var valid1 = _errs9 === errors;
                        } else
                          var valid1 = !0;
                        if (valid1) {
                          if (data0.minimum !== void 0) {
                            let data4 = data0.minimum, _errs11 = errors;
                            if (!(typeof data4 == "number" && !(data4 % 1) && !isNaN(data4) && isFinite(data4)))
                              return validate97.errors = [{ instancePath: instancePath + "/terms/minimum", schemaPath: "#/properties/terms/properties/minimum/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                            if (errors === _errs11 && typeof data4 == "number" && isFinite(data4)) {
                              if (data4 > 1440 || isNaN(data4))
                                return validate97.errors = [{ instancePath: instancePath + "/terms/minimum", schemaPath: "#/properties/terms/properties/minimum/maximum", keyword: "maximum", params: { comparison: "<=", limit: 1440 }, message: "must be <= 1440" }], !1;
                              if (data4 < 0 || isNaN(data4))
                                return validate97.errors = [{ instancePath: instancePath + "/terms/minimum", schemaPath: "#/properties/terms/properties/minimum/minimum", keyword: "minimum", params: { comparison: ">=", limit: 0 }, message: "must be >= 0" }], !1;
                            }
                            var valid1 = _errs11 === errors;
                          } else
                            var valid1 = !0;
                          if (valid1)
                            if (data0.decimalPlaces !== void 0) {
                              let data5 = data0.decimalPlaces, _errs13 = errors, _errs14 = errors, valid2 = !1, _errs15 = errors;
                              if (!(typeof data5 == "number" && !(data5 % 1) && !isNaN(data5) && isFinite(data5))) {
                                let err0 = { instancePath: instancePath + "/terms/decimalPlaces", schemaPath: "#/properties/terms/properties/decimalPlaces/anyOf/0/type", keyword: "type", params: { type: "integer" }, message: "must be integer" };
                                vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                              }
                              if (errors === _errs15 && typeof data5 == "number" && isFinite(data5)) {
                                if (data5 > 6 || isNaN(data5)) {
                                  let err1 = { instancePath: instancePath + "/terms/decimalPlaces", schemaPath: "#/properties/terms/properties/decimalPlaces/anyOf/0/maximum", keyword: "maximum", params: { comparison: "<=", limit: 6 }, message: "must be <= 6" };
                                  vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                                } else if (data5 < 2 || isNaN(data5)) {
                                  let err2 = { instancePath: instancePath + "/terms/decimalPlaces", schemaPath: "#/properties/terms/properties/decimalPlaces/anyOf/0/minimum", keyword: "minimum", params: { comparison: ">=", limit: 2 }, message: "must be >= 2" };
                                  vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                                }
                              }
                              var _valid0 = _errs15 === errors;
                              valid2 = valid2 || _valid0;
                              let _errs17 = errors;
                              if (data5 !== null) {
                                let err3 = { instancePath: instancePath + "/terms/decimalPlaces", schemaPath: "#/properties/terms/properties/decimalPlaces/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++;
                              }
                              var _valid0 = _errs17 === errors;
                              if (valid2 = valid2 || _valid0, valid2)
                                errors = _errs14, vErrors !== null && (_errs14 ? vErrors.length = _errs14 : vErrors = null);
                              else {
                                let err4 = { instancePath: instancePath + "/terms/decimalPlaces", schemaPath: "#/properties/terms/properties/decimalPlaces/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                return vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++, validate97.errors = vErrors, !1;
                              }
                              var valid1 = _errs13 === errors;
                            } else
                              var valid1 = !0;
                        }
                      }
                    }
                  }
                }
              } else
                return validate97.errors = [{ instancePath: instancePath + "/terms", schemaPath: "#/properties/terms/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.from !== void 0) {
              let data6 = data.from, _errs19 = errors, _errs20 = errors, valid3 = !1, _errs21 = errors;
              if (errors === _errs21 && errors === _errs21)
                if (typeof data6 == "string") {
                  if (!formats0.test(data6)) {
                    let err5 = { instancePath: instancePath + "/from", schemaPath: "#/properties/from/anyOf/0/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' };
                    vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                  }
                } else {
                  let err6 = { instancePath: instancePath + "/from", schemaPath: "#/properties/from/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                  vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                }
              var _valid1 = _errs21 === errors;
              valid3 = valid3 || _valid1;
              let _errs23 = errors;
              if (data6 !== null) {
                let err7 = { instancePath: instancePath + "/from", schemaPath: "#/properties/from/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++;
              }
              var _valid1 = _errs23 === errors;
              if (valid3 = valid3 || _valid1, valid3)
                errors = _errs20, vErrors !== null && (_errs20 ? vErrors.length = _errs20 : vErrors = null);
              else {
                let err8 = { instancePath: instancePath + "/from", schemaPath: "#/properties/from/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                return vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++, validate97.errors = vErrors, !1;
              }
              var valid0 = _errs19 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate97.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate97.errors = vErrors, errors === 0;
}
validate97.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var copyProject = validate98;
function validate98(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate98.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.client === void 0 && (missing0 = "client") || data.along === void 0 && (missing0 = "along"))
        return validate98.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "name" || key0 === "client" || key0 === "along")) {
            return validate98.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate98.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate98.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.name !== void 0) {
              let data1 = data.name, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 200)
                    return validate98.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func2(data1) < 1)
                    return validate98.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate98.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate98.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.client !== void 0) {
                let data2 = data.client, _errs6 = errors, _errs7 = errors, valid1 = !1, _errs8 = errors;
                if (errors === _errs8)
                  if (data2 && typeof data2 == "object" && !Array.isArray(data2)) {
                    let missing1;
                    if (data2.id === void 0 && (missing1 = "id")) {
                      let err0 = { instancePath: instancePath + "/client", schemaPath: "#/properties/client/anyOf/0/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" };
                      vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                    } else {
                      let _errs10 = errors;
                      for (let key1 in data2)
                        if (!(key1 === "id" || key1 === "name")) {
                          let err1 = { instancePath: instancePath + "/client", schemaPath: "#/properties/client/anyOf/0/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" };
                          vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                          break;
                        }
                      if (_errs10 === errors) {
                        if (data2.id !== void 0) {
                          let data3 = data2.id, _errs11 = errors;
                          if (errors === _errs11 && errors === _errs11)
                            if (typeof data3 == "string") {
                              if (!formats4.test(data3)) {
                                let err2 = { instancePath: instancePath + "/client/id", schemaPath: "#/properties/client/anyOf/0/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                                vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                              }
                            } else {
                              let err3 = { instancePath: instancePath + "/client/id", schemaPath: "#/properties/client/anyOf/0/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                              vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++;
                            }
                          var valid2 = _errs11 === errors;
                        } else
                          var valid2 = !0;
                        if (valid2)
                          if (data2.name !== void 0) {
                            let data4 = data2.name, _errs13 = errors;
                            if (errors === _errs13)
                              if (typeof data4 == "string") {
                                if (func2(data4) > 200) {
                                  let err4 = { instancePath: instancePath + "/client/name", schemaPath: "#/properties/client/anyOf/0/properties/name/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" };
                                  vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                                } else if (func2(data4) < 1) {
                                  let err5 = { instancePath: instancePath + "/client/name", schemaPath: "#/properties/client/anyOf/0/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                                  vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                                } else if (!pattern4.test(data4)) {
                                  let err6 = { instancePath: instancePath + "/client/name", schemaPath: "#/properties/client/anyOf/0/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' };
                                  vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                                }
                              } else {
                                let err7 = { instancePath: instancePath + "/client/name", schemaPath: "#/properties/client/anyOf/0/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++;
                              }
                            var valid2 = _errs13 === errors;
                          } else
                            var valid2 = !0;
                      }
                    }
                  } else {
                    let err8 = { instancePath: instancePath + "/client", schemaPath: "#/properties/client/anyOf/0/type", keyword: "type", params: { type: "object" }, message: "must be object" };
                    vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                  }
                var _valid0 = _errs8 === errors;
                valid1 = valid1 || _valid0;
                let _errs15 = errors;
                if (data2 !== null) {
                  let err9 = { instancePath: instancePath + "/client", schemaPath: "#/properties/client/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                  vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                }
                var _valid0 = _errs15 === errors;
                if (valid1 = valid1 || _valid0, valid1)
                  errors = _errs7, vErrors !== null && (_errs7 ? vErrors.length = _errs7 : vErrors = null);
                else {
                  let err10 = { instancePath: instancePath + "/client", schemaPath: "#/properties/client/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                  return vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++, validate98.errors = vErrors, !1;
                }
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0)
                if (data.along !== void 0) {
                  let data5 = data.along, _errs17 = errors;
                  if (errors === _errs17)
                    if (data5 && typeof data5 == "object" && !Array.isArray(data5)) {
                      let missing2;
                      if (data5.tasks === void 0 && (missing2 = "tasks") || data5.estimates === void 0 && (missing2 = "estimates") || data5.agreement === void 0 && (missing2 = "agreement") || data5.whoRecords === void 0 && (missing2 = "whoRecords") || data5.notes === void 0 && (missing2 = "notes"))
                        return validate98.errors = [{ instancePath: instancePath + "/along", schemaPath: "#/properties/along/required", keyword: "required", params: { missingProperty: missing2 }, message: "must have required property '" + missing2 + "'" }], !1;
                      {
                        let _errs19 = errors;
                        for (let key2 in data5)
                          if (!(key2 === "tasks" || key2 === "estimates" || key2 === "agreement" || key2 === "whoRecords" || key2 === "notes")) {
                            return validate98.errors = [{ instancePath: instancePath + "/along", schemaPath: "#/properties/along/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key2 }, message: "must NOT have additional properties" }], !1;
                            break;
                          }
                        if (_errs19 === errors) {
                          if (data5.tasks !== void 0) {
                            let _errs20 = errors;
                            if (typeof data5.tasks != "boolean")
                              return validate98.errors = [{ instancePath: instancePath + "/along/tasks", schemaPath: "#/properties/along/properties/tasks/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                            var valid3 = _errs20 === errors;
                          } else
                            var valid3 = !0;
                          if (valid3) {
                            if (data5.estimates !== void 0) {
                              let _errs22 = errors;
                              if (typeof data5.estimates != "boolean")
                                return validate98.errors = [{ instancePath: instancePath + "/along/estimates", schemaPath: "#/properties/along/properties/estimates/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                              var valid3 = _errs22 === errors;
                            } else
                              var valid3 = !0;
                            if (valid3) {
                              if (data5.agreement !== void 0) {
                                let _errs24 = errors;
                                if (typeof data5.agreement != "boolean")
                                  return validate98.errors = [{ instancePath: instancePath + "/along/agreement", schemaPath: "#/properties/along/properties/agreement/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                                var valid3 = _errs24 === errors;
                              } else
                                var valid3 = !0;
                              if (valid3) {
                                if (data5.whoRecords !== void 0) {
                                  let _errs26 = errors;
                                  if (typeof data5.whoRecords != "boolean")
                                    return validate98.errors = [{ instancePath: instancePath + "/along/whoRecords", schemaPath: "#/properties/along/properties/whoRecords/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                                  var valid3 = _errs26 === errors;
                                } else
                                  var valid3 = !0;
                                if (valid3)
                                  if (data5.notes !== void 0) {
                                    let _errs28 = errors;
                                    if (typeof data5.notes != "boolean")
                                      return validate98.errors = [{ instancePath: instancePath + "/along/notes", schemaPath: "#/properties/along/properties/notes/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                                    var valid3 = _errs28 === errors;
                                  } else
                                    var valid3 = !0;
                              }
                            }
                          }
                        }
                      }
                    } else
                      return validate98.errors = [{ instancePath: instancePath + "/along", schemaPath: "#/properties/along/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                  var valid0 = _errs17 === errors;
                } else
                  var valid0 = !0;
            }
          }
        }
      }
    } else
      return validate98.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate98.errors = vErrors, errors === 0;
}
validate98.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var createDraft = validate99, schema110 = { type: "object", required: ["id", "wish"], properties: { id: { type: "string", format: "uuid" }, wish: { type: "object", required: ["clientId", "upTo", "grouping", "entries", "texts"], properties: { clientId: { type: "string", format: "uuid" }, upTo: { type: "string", format: "date" }, grouping: { type: "string", enum: ["task", "entry"] }, entries: { type: "array", items: { type: "object", required: ["id"], properties: { id: { type: "string", format: "uuid" }, writeDown: { type: "object", required: ["minor", "reason"], properties: { minor: { type: "integer", minimum: 1, maximum: 9e9 }, reason: { type: "string", minLength: 1, maxLength: 500, pattern: "\\S" } }, additionalProperties: !1 } }, additionalProperties: !1 }, minItems: 1, maxItems: 2e4 }, texts: { type: "array", items: { type: "object", required: ["key", "text"], properties: { key: { type: "string", maxLength: 400 }, text: { type: "string", minLength: 1, maxLength: 400 } }, additionalProperties: !1 }, maxItems: 2e3 } }, additionalProperties: !1 } }, additionalProperties: !1 };
function validate99(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate99.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.wish === void 0 && (missing0 = "wish"))
        return validate99.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "wish")) {
            return validate99.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate99.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate99.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.wish !== void 0) {
              let data1 = data.wish, _errs4 = errors;
              if (errors === _errs4)
                if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                  let missing1;
                  if (data1.clientId === void 0 && (missing1 = "clientId") || data1.upTo === void 0 && (missing1 = "upTo") || data1.grouping === void 0 && (missing1 = "grouping") || data1.entries === void 0 && (missing1 = "entries") || data1.texts === void 0 && (missing1 = "texts"))
                    return validate99.errors = [{ instancePath: instancePath + "/wish", schemaPath: "#/properties/wish/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                  {
                    let _errs6 = errors;
                    for (let key1 in data1)
                      if (!(key1 === "clientId" || key1 === "upTo" || key1 === "grouping" || key1 === "entries" || key1 === "texts")) {
                        return validate99.errors = [{ instancePath: instancePath + "/wish", schemaPath: "#/properties/wish/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                        break;
                      }
                    if (_errs6 === errors) {
                      if (data1.clientId !== void 0) {
                        let data2 = data1.clientId, _errs7 = errors;
                        if (errors === _errs7 && errors === _errs7)
                          if (typeof data2 == "string") {
                            if (!formats4.test(data2))
                              return validate99.errors = [{ instancePath: instancePath + "/wish/clientId", schemaPath: "#/properties/wish/properties/clientId/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                          } else
                            return validate99.errors = [{ instancePath: instancePath + "/wish/clientId", schemaPath: "#/properties/wish/properties/clientId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                        var valid1 = _errs7 === errors;
                      } else
                        var valid1 = !0;
                      if (valid1) {
                        if (data1.upTo !== void 0) {
                          let data3 = data1.upTo, _errs9 = errors;
                          if (errors === _errs9 && errors === _errs9)
                            if (typeof data3 == "string") {
                              if (!formats0.test(data3))
                                return validate99.errors = [{ instancePath: instancePath + "/wish/upTo", schemaPath: "#/properties/wish/properties/upTo/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' }], !1;
                            } else
                              return validate99.errors = [{ instancePath: instancePath + "/wish/upTo", schemaPath: "#/properties/wish/properties/upTo/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                          var valid1 = _errs9 === errors;
                        } else
                          var valid1 = !0;
                        if (valid1) {
                          if (data1.grouping !== void 0) {
                            let data4 = data1.grouping, _errs11 = errors;
                            if (typeof data4 != "string")
                              return validate99.errors = [{ instancePath: instancePath + "/wish/grouping", schemaPath: "#/properties/wish/properties/grouping/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                            if (!(data4 === "task" || data4 === "entry"))
                              return validate99.errors = [{ instancePath: instancePath + "/wish/grouping", schemaPath: "#/properties/wish/properties/grouping/enum", keyword: "enum", params: { allowedValues: schema110.properties.wish.properties.grouping.enum }, message: "must be equal to one of the allowed values" }], !1;
                            var valid1 = _errs11 === errors;
                          } else
                            var valid1 = !0;
                          if (valid1) {
                            if (data1.entries !== void 0) {
                              let data5 = data1.entries, _errs13 = errors;
                              if (errors === _errs13)
                                if (Array.isArray(data5)) {
                                  if (data5.length > 2e4)
                                    return validate99.errors = [{ instancePath: instancePath + "/wish/entries", schemaPath: "#/properties/wish/properties/entries/maxItems", keyword: "maxItems", params: { limit: 2e4 }, message: "must NOT have more than 20000 items" }], !1;
                                  if (data5.length < 1)
                                    return validate99.errors = [{ instancePath: instancePath + "/wish/entries", schemaPath: "#/properties/wish/properties/entries/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
                                  {
                                    var valid2 = !0;
                                    let len0 = data5.length;
                                    for (let i0 = 0; i0 < len0; i0++) {
                                      let data6 = data5[i0], _errs15 = errors;
                                      if (errors === _errs15)
                                        if (data6 && typeof data6 == "object" && !Array.isArray(data6)) {
                                          let missing2;
                                          if (data6.id === void 0 && (missing2 = "id"))
                                            return validate99.errors = [{ instancePath: instancePath + "/wish/entries/" + i0, schemaPath: "#/properties/wish/properties/entries/items/required", keyword: "required", params: { missingProperty: missing2 }, message: "must have required property '" + missing2 + "'" }], !1;
                                          {
                                            let _errs17 = errors;
                                            for (let key2 in data6)
                                              if (!(key2 === "id" || key2 === "writeDown")) {
                                                return validate99.errors = [{ instancePath: instancePath + "/wish/entries/" + i0, schemaPath: "#/properties/wish/properties/entries/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key2 }, message: "must NOT have additional properties" }], !1;
                                                break;
                                              }
                                            if (_errs17 === errors) {
                                              if (data6.id !== void 0) {
                                                let data7 = data6.id, _errs18 = errors;
                                                if (errors === _errs18 && errors === _errs18)
                                                  if (typeof data7 == "string") {
                                                    if (!formats4.test(data7))
                                                      return validate99.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/id", schemaPath: "#/properties/wish/properties/entries/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                                  } else
                                                    return validate99.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/id", schemaPath: "#/properties/wish/properties/entries/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                var valid3 = _errs18 === errors;
                                              } else
                                                var valid3 = !0;
                                              if (valid3)
                                                if (data6.writeDown !== void 0) {
                                                  let data8 = data6.writeDown, _errs20 = errors;
                                                  if (errors === _errs20)
                                                    if (data8 && typeof data8 == "object" && !Array.isArray(data8)) {
                                                      let missing3;
                                                      if (data8.minor === void 0 && (missing3 = "minor") || data8.reason === void 0 && (missing3 = "reason"))
                                                        return validate99.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/required", keyword: "required", params: { missingProperty: missing3 }, message: "must have required property '" + missing3 + "'" }], !1;
                                                      {
                                                        let _errs22 = errors;
                                                        for (let key3 in data8)
                                                          if (!(key3 === "minor" || key3 === "reason")) {
                                                            return validate99.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key3 }, message: "must NOT have additional properties" }], !1;
                                                            break;
                                                          }
                                                        if (_errs22 === errors) {
                                                          if (data8.minor !== void 0) {
                                                            let data9 = data8.minor, _errs23 = errors;
                                                            if (!(typeof data9 == "number" && !(data9 % 1) && !isNaN(data9) && isFinite(data9)))
                                                              return validate99.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown/minor", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/properties/minor/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                                            if (errors === _errs23 && typeof data9 == "number" && isFinite(data9)) {
                                                              if (data9 > 9e9 || isNaN(data9))
                                                                return validate99.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown/minor", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/properties/minor/maximum", keyword: "maximum", params: { comparison: "<=", limit: 9e9 }, message: "must be <= 9000000000" }], !1;
                                                              if (data9 < 1 || isNaN(data9))
                                                                return validate99.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown/minor", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/properties/minor/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                                                            }
                                                            var valid4 = _errs23 === errors;
                                                          } else
                                                            var valid4 = !0;
                                                          if (valid4)
                                                            if (data8.reason !== void 0) {
                                                              let data10 = data8.reason, _errs25 = errors;
                                                              if (errors === _errs25)
                                                                if (typeof data10 == "string") {
                                                                  if (func2(data10) > 500)
                                                                    return validate99.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown/reason", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                                                                  if (func2(data10) < 1)
                                                                    return validate99.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown/reason", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                                                  if (!pattern4.test(data10))
                                                                    return validate99.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown/reason", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                                                } else
                                                                  return validate99.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown/reason", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                              var valid4 = _errs25 === errors;
                                                            } else
                                                              var valid4 = !0;
                                                        }
                                                      }
                                                    } else
                                                      return validate99.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                                                  var valid3 = _errs20 === errors;
                                                } else
                                                  var valid3 = !0;
                                            }
                                          }
                                        } else
                                          return validate99.errors = [{ instancePath: instancePath + "/wish/entries/" + i0, schemaPath: "#/properties/wish/properties/entries/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                                      var valid2 = _errs15 === errors;
                                      if (!valid2)
                                        break;
                                    }
                                  }
                                } else
                                  return validate99.errors = [{ instancePath: instancePath + "/wish/entries", schemaPath: "#/properties/wish/properties/entries/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                              var valid1 = _errs13 === errors;
                            } else
                              var valid1 = !0;
                            if (valid1)
                              if (data1.texts !== void 0) {
                                let data11 = data1.texts, _errs27 = errors;
                                if (errors === _errs27)
                                  if (Array.isArray(data11)) {
                                    if (data11.length > 2e3)
                                      return validate99.errors = [{ instancePath: instancePath + "/wish/texts", schemaPath: "#/properties/wish/properties/texts/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
                                    {
                                      var valid5 = !0;
                                      let len1 = data11.length;
                                      for (let i1 = 0; i1 < len1; i1++) {
                                        let data12 = data11[i1], _errs29 = errors;
                                        if (errors === _errs29)
                                          if (data12 && typeof data12 == "object" && !Array.isArray(data12)) {
                                            let missing4;
                                            if (data12.key === void 0 && (missing4 = "key") || data12.text === void 0 && (missing4 = "text"))
                                              return validate99.errors = [{ instancePath: instancePath + "/wish/texts/" + i1, schemaPath: "#/properties/wish/properties/texts/items/required", keyword: "required", params: { missingProperty: missing4 }, message: "must have required property '" + missing4 + "'" }], !1;
                                            {
                                              let _errs31 = errors;
                                              for (let key4 in data12)
                                                if (!(key4 === "key" || key4 === "text")) {
                                                  return validate99.errors = [{ instancePath: instancePath + "/wish/texts/" + i1, schemaPath: "#/properties/wish/properties/texts/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key4 }, message: "must NOT have additional properties" }], !1;
                                                  break;
                                                }
                                              if (_errs31 === errors) {
                                                if (data12.key !== void 0) {
                                                  let data13 = data12.key, _errs32 = errors;
                                                  if (errors === _errs32)
                                                    if (typeof data13 == "string") {
                                                      if (func2(data13) > 400)
                                                        return validate99.errors = [{ instancePath: instancePath + "/wish/texts/" + i1 + "/key", schemaPath: "#/properties/wish/properties/texts/items/properties/key/maxLength", keyword: "maxLength", params: { limit: 400 }, message: "must NOT have more than 400 characters" }], !1;
                                                    } else
                                                      return validate99.errors = [{ instancePath: instancePath + "/wish/texts/" + i1 + "/key", schemaPath: "#/properties/wish/properties/texts/items/properties/key/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                  var valid6 = _errs32 === errors;
                                                } else
                                                  var valid6 = !0;
                                                if (valid6)
                                                  if (data12.text !== void 0) {
                                                    let data14 = data12.text, _errs34 = errors;
                                                    if (errors === _errs34)
                                                      if (typeof data14 == "string") {
                                                        if (func2(data14) > 400)
                                                          return validate99.errors = [{ instancePath: instancePath + "/wish/texts/" + i1 + "/text", schemaPath: "#/properties/wish/properties/texts/items/properties/text/maxLength", keyword: "maxLength", params: { limit: 400 }, message: "must NOT have more than 400 characters" }], !1;
                                                        if (func2(data14) < 1)
                                                          return validate99.errors = [{ instancePath: instancePath + "/wish/texts/" + i1 + "/text", schemaPath: "#/properties/wish/properties/texts/items/properties/text/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                                      } else
                                                        return validate99.errors = [{ instancePath: instancePath + "/wish/texts/" + i1 + "/text", schemaPath: "#/properties/wish/properties/texts/items/properties/text/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                    var valid6 = _errs34 === errors;
                                                  } else
                                                    var valid6 = !0;
                                              }
                                            }
                                          } else
                                            return validate99.errors = [{ instancePath: instancePath + "/wish/texts/" + i1, schemaPath: "#/properties/wish/properties/texts/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                                        var valid5 = _errs29 === errors;
                                        if (!valid5)
                                          break;
                                      }
                                    }
                                  } else
                                    return validate99.errors = [{ instancePath: instancePath + "/wish/texts", schemaPath: "#/properties/wish/properties/texts/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                                var valid1 = _errs27 === errors;
                              } else
                                var valid1 = !0;
                          }
                        }
                      }
                    }
                  }
                } else
                  return validate99.errors = [{ instancePath: instancePath + "/wish", schemaPath: "#/properties/wish/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate99.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate99.errors = vErrors, errors === 0;
}
validate99.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var creditInvoice = validate100;
function validate100(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate100.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.reason === void 0 && (missing0 = "reason"))
        return validate100.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "reason")) {
            return validate100.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate100.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate100.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.reason !== void 0) {
              let data1 = data.reason, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 500)
                    return validate100.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                  if (func2(data1) < 1)
                    return validate100.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate100.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate100.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate100.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate100.errors = vErrors, errors === 0;
}
validate100.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var holdEntries = validate101;
function validate101(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate101.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.entries === void 0 && (missing0 = "entries") || data.reason === void 0 && (missing0 = "reason"))
        return validate101.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "entries" || key0 === "reason")) {
            return validate101.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.entries !== void 0) {
            let data0 = data.entries, _errs2 = errors;
            if (errors === _errs2)
              if (Array.isArray(data0)) {
                if (data0.length > 2e3)
                  return validate101.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
                if (data0.length < 1)
                  return validate101.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
                {
                  var valid1 = !0;
                  let len0 = data0.length;
                  for (let i0 = 0; i0 < len0; i0++) {
                    let data1 = data0[i0], _errs4 = errors;
                    if (errors === _errs4)
                      if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                        let missing1;
                        if (data1.id === void 0 && (missing1 = "id") || data1.version === void 0 && (missing1 = "version"))
                          return validate101.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                        {
                          let _errs6 = errors;
                          for (let key1 in data1)
                            if (!(key1 === "id" || key1 === "version")) {
                              return validate101.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                              break;
                            }
                          if (_errs6 === errors) {
                            if (data1.id !== void 0) {
                              let data2 = data1.id, _errs7 = errors;
                              if (errors === _errs7 && errors === _errs7)
                                if (typeof data2 == "string") {
                                  if (!formats4.test(data2))
                                    return validate101.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                } else
                                  return validate101.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid2 = _errs7 === errors;
                            } else
                              var valid2 = !0;
                            if (valid2)
                              if (data1.version !== void 0) {
                                let data3 = data1.version, _errs9 = errors;
                                if (!(typeof data3 == "number" && !(data3 % 1) && !isNaN(data3) && isFinite(data3)))
                                  return validate101.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                if (errors === _errs9 && typeof data3 == "number" && isFinite(data3)) {
                                  if (data3 > 2147483647 || isNaN(data3))
                                    return validate101.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2147483647 }, message: "must be <= 2147483647" }], !1;
                                  if (data3 < 1 || isNaN(data3))
                                    return validate101.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                                }
                                var valid2 = _errs9 === errors;
                              } else
                                var valid2 = !0;
                          }
                        }
                      } else
                        return validate101.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                    var valid1 = _errs4 === errors;
                    if (!valid1)
                      break;
                  }
                }
              } else
                return validate101.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.reason !== void 0) {
              let data4 = data.reason, _errs11 = errors;
              if (errors === _errs11)
                if (typeof data4 == "string") {
                  if (func2(data4) > 500)
                    return validate101.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                  if (func2(data4) < 1)
                    return validate101.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data4))
                    return validate101.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate101.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs11 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate101.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate101.errors = vErrors, errors === 0;
}
validate101.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var issueInvoice = validate102;
function validate102(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate102.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.gross === void 0 && (missing0 = "gross") || data.version === void 0 && (missing0 = "version"))
        return validate102.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "gross" || key0 === "version")) {
            return validate102.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.gross !== void 0) {
            let data0 = data.gross, _errs2 = errors;
            if (!(typeof data0 == "number" && !(data0 % 1) && !isNaN(data0) && isFinite(data0)))
              return validate102.errors = [{ instancePath: instancePath + "/gross", schemaPath: "#/properties/gross/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
            if (errors === _errs2 && typeof data0 == "number" && isFinite(data0)) {
              if (data0 > 9e9 || isNaN(data0))
                return validate102.errors = [{ instancePath: instancePath + "/gross", schemaPath: "#/properties/gross/maximum", keyword: "maximum", params: { comparison: "<=", limit: 9e9 }, message: "must be <= 9000000000" }], !1;
              if (data0 < -9e9 || isNaN(data0))
                return validate102.errors = [{ instancePath: instancePath + "/gross", schemaPath: "#/properties/gross/minimum", keyword: "minimum", params: { comparison: ">=", limit: -9e9 }, message: "must be >= -9000000000" }], !1;
            }
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.version !== void 0) {
              let data1 = data.version, _errs4 = errors;
              if (!(typeof data1 == "number" && !(data1 % 1) && !isNaN(data1) && isFinite(data1)))
                return validate102.errors = [{ instancePath: instancePath + "/version", schemaPath: "#/properties/version/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
              if (errors === _errs4 && typeof data1 == "number" && isFinite(data1)) {
                if (data1 > 2147483647 || isNaN(data1))
                  return validate102.errors = [{ instancePath: instancePath + "/version", schemaPath: "#/properties/version/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2147483647 }, message: "must be <= 2147483647" }], !1;
                if (data1 < 1 || isNaN(data1))
                  return validate102.errors = [{ instancePath: instancePath + "/version", schemaPath: "#/properties/version/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
              }
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate102.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate102.errors = vErrors, errors === 0;
}
validate102.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var issueNewInvoice = validate103, schema114 = { type: "object", required: ["id", "wish", "gross"], properties: { id: { type: "string", format: "uuid" }, wish: { type: "object", required: ["clientId", "upTo", "grouping", "entries", "texts"], properties: { clientId: { type: "string", format: "uuid" }, upTo: { type: "string", format: "date" }, grouping: { type: "string", enum: ["task", "entry"] }, entries: { type: "array", items: { type: "object", required: ["id"], properties: { id: { type: "string", format: "uuid" }, writeDown: { type: "object", required: ["minor", "reason"], properties: { minor: { type: "integer", minimum: 1, maximum: 9e9 }, reason: { type: "string", minLength: 1, maxLength: 500, pattern: "\\S" } }, additionalProperties: !1 } }, additionalProperties: !1 }, minItems: 1, maxItems: 2e4 }, texts: { type: "array", items: { type: "object", required: ["key", "text"], properties: { key: { type: "string", maxLength: 400 }, text: { type: "string", minLength: 1, maxLength: 400 } }, additionalProperties: !1 }, maxItems: 2e3 } }, additionalProperties: !1 }, gross: { type: "integer", minimum: -9e9, maximum: 9e9 } }, additionalProperties: !1 };
function validate103(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate103.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.wish === void 0 && (missing0 = "wish") || data.gross === void 0 && (missing0 = "gross"))
        return validate103.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "wish" || key0 === "gross")) {
            return validate103.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate103.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate103.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.wish !== void 0) {
              let data1 = data.wish, _errs4 = errors;
              if (errors === _errs4)
                if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                  let missing1;
                  if (data1.clientId === void 0 && (missing1 = "clientId") || data1.upTo === void 0 && (missing1 = "upTo") || data1.grouping === void 0 && (missing1 = "grouping") || data1.entries === void 0 && (missing1 = "entries") || data1.texts === void 0 && (missing1 = "texts"))
                    return validate103.errors = [{ instancePath: instancePath + "/wish", schemaPath: "#/properties/wish/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                  {
                    let _errs6 = errors;
                    for (let key1 in data1)
                      if (!(key1 === "clientId" || key1 === "upTo" || key1 === "grouping" || key1 === "entries" || key1 === "texts")) {
                        return validate103.errors = [{ instancePath: instancePath + "/wish", schemaPath: "#/properties/wish/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                        break;
                      }
                    if (_errs6 === errors) {
                      if (data1.clientId !== void 0) {
                        let data2 = data1.clientId, _errs7 = errors;
                        if (errors === _errs7 && errors === _errs7)
                          if (typeof data2 == "string") {
                            if (!formats4.test(data2))
                              return validate103.errors = [{ instancePath: instancePath + "/wish/clientId", schemaPath: "#/properties/wish/properties/clientId/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                          } else
                            return validate103.errors = [{ instancePath: instancePath + "/wish/clientId", schemaPath: "#/properties/wish/properties/clientId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                        var valid1 = _errs7 === errors;
                      } else
                        var valid1 = !0;
                      if (valid1) {
                        if (data1.upTo !== void 0) {
                          let data3 = data1.upTo, _errs9 = errors;
                          if (errors === _errs9 && errors === _errs9)
                            if (typeof data3 == "string") {
                              if (!formats0.test(data3))
                                return validate103.errors = [{ instancePath: instancePath + "/wish/upTo", schemaPath: "#/properties/wish/properties/upTo/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' }], !1;
                            } else
                              return validate103.errors = [{ instancePath: instancePath + "/wish/upTo", schemaPath: "#/properties/wish/properties/upTo/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                          var valid1 = _errs9 === errors;
                        } else
                          var valid1 = !0;
                        if (valid1) {
                          if (data1.grouping !== void 0) {
                            let data4 = data1.grouping, _errs11 = errors;
                            if (typeof data4 != "string")
                              return validate103.errors = [{ instancePath: instancePath + "/wish/grouping", schemaPath: "#/properties/wish/properties/grouping/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                            if (!(data4 === "task" || data4 === "entry"))
                              return validate103.errors = [{ instancePath: instancePath + "/wish/grouping", schemaPath: "#/properties/wish/properties/grouping/enum", keyword: "enum", params: { allowedValues: schema114.properties.wish.properties.grouping.enum }, message: "must be equal to one of the allowed values" }], !1;
                            var valid1 = _errs11 === errors;
                          } else
                            var valid1 = !0;
                          if (valid1) {
                            if (data1.entries !== void 0) {
                              let data5 = data1.entries, _errs13 = errors;
                              if (errors === _errs13)
                                if (Array.isArray(data5)) {
                                  if (data5.length > 2e4)
                                    return validate103.errors = [{ instancePath: instancePath + "/wish/entries", schemaPath: "#/properties/wish/properties/entries/maxItems", keyword: "maxItems", params: { limit: 2e4 }, message: "must NOT have more than 20000 items" }], !1;
                                  if (data5.length < 1)
                                    return validate103.errors = [{ instancePath: instancePath + "/wish/entries", schemaPath: "#/properties/wish/properties/entries/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
                                  {
                                    var valid2 = !0;
                                    let len0 = data5.length;
                                    for (let i0 = 0; i0 < len0; i0++) {
                                      let data6 = data5[i0], _errs15 = errors;
                                      if (errors === _errs15)
                                        if (data6 && typeof data6 == "object" && !Array.isArray(data6)) {
                                          let missing2;
                                          if (data6.id === void 0 && (missing2 = "id"))
                                            return validate103.errors = [{ instancePath: instancePath + "/wish/entries/" + i0, schemaPath: "#/properties/wish/properties/entries/items/required", keyword: "required", params: { missingProperty: missing2 }, message: "must have required property '" + missing2 + "'" }], !1;
                                          {
                                            let _errs17 = errors;
                                            for (let key2 in data6)
                                              if (!(key2 === "id" || key2 === "writeDown")) {
                                                return validate103.errors = [{ instancePath: instancePath + "/wish/entries/" + i0, schemaPath: "#/properties/wish/properties/entries/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key2 }, message: "must NOT have additional properties" }], !1;
                                                break;
                                              }
                                            if (_errs17 === errors) {
                                              if (data6.id !== void 0) {
                                                let data7 = data6.id, _errs18 = errors;
                                                if (errors === _errs18 && errors === _errs18)
                                                  if (typeof data7 == "string") {
                                                    if (!formats4.test(data7))
                                                      return validate103.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/id", schemaPath: "#/properties/wish/properties/entries/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                                  } else
                                                    return validate103.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/id", schemaPath: "#/properties/wish/properties/entries/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                var valid3 = _errs18 === errors;
                                              } else
                                                var valid3 = !0;
                                              if (valid3)
                                                if (data6.writeDown !== void 0) {
                                                  let data8 = data6.writeDown, _errs20 = errors;
                                                  if (errors === _errs20)
                                                    if (data8 && typeof data8 == "object" && !Array.isArray(data8)) {
                                                      let missing3;
                                                      if (data8.minor === void 0 && (missing3 = "minor") || data8.reason === void 0 && (missing3 = "reason"))
                                                        return validate103.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/required", keyword: "required", params: { missingProperty: missing3 }, message: "must have required property '" + missing3 + "'" }], !1;
                                                      {
                                                        let _errs22 = errors;
                                                        for (let key3 in data8)
                                                          if (!(key3 === "minor" || key3 === "reason")) {
                                                            return validate103.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key3 }, message: "must NOT have additional properties" }], !1;
                                                            break;
                                                          }
                                                        if (_errs22 === errors) {
                                                          if (data8.minor !== void 0) {
                                                            let data9 = data8.minor, _errs23 = errors;
                                                            if (!(typeof data9 == "number" && !(data9 % 1) && !isNaN(data9) && isFinite(data9)))
                                                              return validate103.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown/minor", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/properties/minor/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                                            if (errors === _errs23 && typeof data9 == "number" && isFinite(data9)) {
                                                              if (data9 > 9e9 || isNaN(data9))
                                                                return validate103.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown/minor", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/properties/minor/maximum", keyword: "maximum", params: { comparison: "<=", limit: 9e9 }, message: "must be <= 9000000000" }], !1;
                                                              if (data9 < 1 || isNaN(data9))
                                                                return validate103.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown/minor", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/properties/minor/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                                                            }
                                                            var valid4 = _errs23 === errors;
                                                          } else
                                                            var valid4 = !0;
                                                          if (valid4)
                                                            if (data8.reason !== void 0) {
                                                              let data10 = data8.reason, _errs25 = errors;
                                                              if (errors === _errs25)
                                                                if (typeof data10 == "string") {
                                                                  if (func2(data10) > 500)
                                                                    return validate103.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown/reason", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                                                                  if (func2(data10) < 1)
                                                                    return validate103.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown/reason", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                                                  if (!pattern4.test(data10))
                                                                    return validate103.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown/reason", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                                                } else
                                                                  return validate103.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown/reason", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                              var valid4 = _errs25 === errors;
                                                            } else
                                                              var valid4 = !0;
                                                        }
                                                      }
                                                    } else
                                                      return validate103.errors = [{ instancePath: instancePath + "/wish/entries/" + i0 + "/writeDown", schemaPath: "#/properties/wish/properties/entries/items/properties/writeDown/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                                                  var valid3 = _errs20 === errors;
                                                } else
                                                  var valid3 = !0;
                                            }
                                          }
                                        } else
                                          return validate103.errors = [{ instancePath: instancePath + "/wish/entries/" + i0, schemaPath: "#/properties/wish/properties/entries/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                                      var valid2 = _errs15 === errors;
                                      if (!valid2)
                                        break;
                                    }
                                  }
                                } else
                                  return validate103.errors = [{ instancePath: instancePath + "/wish/entries", schemaPath: "#/properties/wish/properties/entries/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                              var valid1 = _errs13 === errors;
                            } else
                              var valid1 = !0;
                            if (valid1)
                              if (data1.texts !== void 0) {
                                let data11 = data1.texts, _errs27 = errors;
                                if (errors === _errs27)
                                  if (Array.isArray(data11)) {
                                    if (data11.length > 2e3)
                                      return validate103.errors = [{ instancePath: instancePath + "/wish/texts", schemaPath: "#/properties/wish/properties/texts/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
                                    {
                                      var valid5 = !0;
                                      let len1 = data11.length;
                                      for (let i1 = 0; i1 < len1; i1++) {
                                        let data12 = data11[i1], _errs29 = errors;
                                        if (errors === _errs29)
                                          if (data12 && typeof data12 == "object" && !Array.isArray(data12)) {
                                            let missing4;
                                            if (data12.key === void 0 && (missing4 = "key") || data12.text === void 0 && (missing4 = "text"))
                                              return validate103.errors = [{ instancePath: instancePath + "/wish/texts/" + i1, schemaPath: "#/properties/wish/properties/texts/items/required", keyword: "required", params: { missingProperty: missing4 }, message: "must have required property '" + missing4 + "'" }], !1;
                                            {
                                              let _errs31 = errors;
                                              for (let key4 in data12)
                                                if (!(key4 === "key" || key4 === "text")) {
                                                  return validate103.errors = [{ instancePath: instancePath + "/wish/texts/" + i1, schemaPath: "#/properties/wish/properties/texts/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key4 }, message: "must NOT have additional properties" }], !1;
                                                  break;
                                                }
                                              if (_errs31 === errors) {
                                                if (data12.key !== void 0) {
                                                  let data13 = data12.key, _errs32 = errors;
                                                  if (errors === _errs32)
                                                    if (typeof data13 == "string") {
                                                      if (func2(data13) > 400)
                                                        return validate103.errors = [{ instancePath: instancePath + "/wish/texts/" + i1 + "/key", schemaPath: "#/properties/wish/properties/texts/items/properties/key/maxLength", keyword: "maxLength", params: { limit: 400 }, message: "must NOT have more than 400 characters" }], !1;
                                                    } else
                                                      return validate103.errors = [{ instancePath: instancePath + "/wish/texts/" + i1 + "/key", schemaPath: "#/properties/wish/properties/texts/items/properties/key/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                  var valid6 = _errs32 === errors;
                                                } else
                                                  var valid6 = !0;
                                                if (valid6)
                                                  if (data12.text !== void 0) {
                                                    let data14 = data12.text, _errs34 = errors;
                                                    if (errors === _errs34)
                                                      if (typeof data14 == "string") {
                                                        if (func2(data14) > 400)
                                                          return validate103.errors = [{ instancePath: instancePath + "/wish/texts/" + i1 + "/text", schemaPath: "#/properties/wish/properties/texts/items/properties/text/maxLength", keyword: "maxLength", params: { limit: 400 }, message: "must NOT have more than 400 characters" }], !1;
                                                        if (func2(data14) < 1)
                                                          return validate103.errors = [{ instancePath: instancePath + "/wish/texts/" + i1 + "/text", schemaPath: "#/properties/wish/properties/texts/items/properties/text/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                                      } else
                                                        return validate103.errors = [{ instancePath: instancePath + "/wish/texts/" + i1 + "/text", schemaPath: "#/properties/wish/properties/texts/items/properties/text/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                    var valid6 = _errs34 === errors;
                                                  } else
                                                    var valid6 = !0;
                                              }
                                            }
                                          } else
                                            return validate103.errors = [{ instancePath: instancePath + "/wish/texts/" + i1, schemaPath: "#/properties/wish/properties/texts/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                                        var valid5 = _errs29 === errors;
                                        if (!valid5)
                                          break;
                                      }
                                    }
                                  } else
                                    return validate103.errors = [{ instancePath: instancePath + "/wish/texts", schemaPath: "#/properties/wish/properties/texts/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                                var valid1 = _errs27 === errors;
                              } else
                                var valid1 = !0;
                          }
                        }
                      }
                    }
                  }
                } else
                  return validate103.errors = [{ instancePath: instancePath + "/wish", schemaPath: "#/properties/wish/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.gross !== void 0) {
                let data15 = data.gross, _errs36 = errors;
                if (!(typeof data15 == "number" && !(data15 % 1) && !isNaN(data15) && isFinite(data15)))
                  return validate103.errors = [{ instancePath: instancePath + "/gross", schemaPath: "#/properties/gross/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                if (errors === _errs36 && typeof data15 == "number" && isFinite(data15)) {
                  if (data15 > 9e9 || isNaN(data15))
                    return validate103.errors = [{ instancePath: instancePath + "/gross", schemaPath: "#/properties/gross/maximum", keyword: "maximum", params: { comparison: "<=", limit: 9e9 }, message: "must be <= 9000000000" }], !1;
                  if (data15 < -9e9 || isNaN(data15))
                    return validate103.errors = [{ instancePath: instancePath + "/gross", schemaPath: "#/properties/gross/minimum", keyword: "minimum", params: { comparison: ">=", limit: -9e9 }, message: "must be >= -9000000000" }], !1;
                }
                var valid0 = _errs36 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate103.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate103.errors = vErrors, errors === 0;
}
validate103.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var previewInvoice = validate104, schema115 = { type: "object", required: ["clientId", "upTo", "grouping", "entries", "texts"], properties: { clientId: { type: "string", format: "uuid" }, upTo: { type: "string", format: "date" }, grouping: { type: "string", enum: ["task", "entry"] }, entries: { type: "array", items: { type: "object", required: ["id"], properties: { id: { type: "string", format: "uuid" }, writeDown: { type: "object", required: ["minor", "reason"], properties: { minor: { type: "integer", minimum: 1, maximum: 9e9 }, reason: { type: "string", minLength: 1, maxLength: 500, pattern: "\\S" } }, additionalProperties: !1 } }, additionalProperties: !1 }, minItems: 1, maxItems: 2e4 }, texts: { type: "array", items: { type: "object", required: ["key", "text"], properties: { key: { type: "string", maxLength: 400 }, text: { type: "string", minLength: 1, maxLength: 400 } }, additionalProperties: !1 }, maxItems: 2e3 } }, additionalProperties: !1 };
function validate104(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate104.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.clientId === void 0 && (missing0 = "clientId") || data.upTo === void 0 && (missing0 = "upTo") || data.grouping === void 0 && (missing0 = "grouping") || data.entries === void 0 && (missing0 = "entries") || data.texts === void 0 && (missing0 = "texts"))
        return validate104.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "clientId" || key0 === "upTo" || key0 === "grouping" || key0 === "entries" || key0 === "texts")) {
            return validate104.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.clientId !== void 0) {
            let data0 = data.clientId, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate104.errors = [{ instancePath: instancePath + "/clientId", schemaPath: "#/properties/clientId/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate104.errors = [{ instancePath: instancePath + "/clientId", schemaPath: "#/properties/clientId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.upTo !== void 0) {
              let data1 = data.upTo, _errs4 = errors;
              if (errors === _errs4 && errors === _errs4)
                if (typeof data1 == "string") {
                  if (!formats0.test(data1))
                    return validate104.errors = [{ instancePath: instancePath + "/upTo", schemaPath: "#/properties/upTo/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' }], !1;
                } else
                  return validate104.errors = [{ instancePath: instancePath + "/upTo", schemaPath: "#/properties/upTo/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.grouping !== void 0) {
                let data2 = data.grouping, _errs6 = errors;
                if (typeof data2 != "string")
                  return validate104.errors = [{ instancePath: instancePath + "/grouping", schemaPath: "#/properties/grouping/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                if (!(data2 === "task" || data2 === "entry"))
                  return validate104.errors = [{ instancePath: instancePath + "/grouping", schemaPath: "#/properties/grouping/enum", keyword: "enum", params: { allowedValues: schema115.properties.grouping.enum }, message: "must be equal to one of the allowed values" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.entries !== void 0) {
                  let data3 = data.entries, _errs8 = errors;
                  if (errors === _errs8)
                    if (Array.isArray(data3)) {
                      if (data3.length > 2e4)
                        return validate104.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/maxItems", keyword: "maxItems", params: { limit: 2e4 }, message: "must NOT have more than 20000 items" }], !1;
                      if (data3.length < 1)
                        return validate104.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
                      {
                        var valid1 = !0;
                        let len0 = data3.length;
                        for (let i0 = 0; i0 < len0; i0++) {
                          let data4 = data3[i0], _errs10 = errors;
                          if (errors === _errs10)
                            if (data4 && typeof data4 == "object" && !Array.isArray(data4)) {
                              let missing1;
                              if (data4.id === void 0 && (missing1 = "id"))
                                return validate104.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                              {
                                let _errs12 = errors;
                                for (let key1 in data4)
                                  if (!(key1 === "id" || key1 === "writeDown")) {
                                    return validate104.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                                    break;
                                  }
                                if (_errs12 === errors) {
                                  if (data4.id !== void 0) {
                                    let data5 = data4.id, _errs13 = errors;
                                    if (errors === _errs13 && errors === _errs13)
                                      if (typeof data5 == "string") {
                                        if (!formats4.test(data5))
                                          return validate104.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                      } else
                                        return validate104.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                    var valid2 = _errs13 === errors;
                                  } else
                                    var valid2 = !0;
                                  if (valid2)
                                    if (data4.writeDown !== void 0) {
                                      let data6 = data4.writeDown, _errs15 = errors;
                                      if (errors === _errs15)
                                        if (data6 && typeof data6 == "object" && !Array.isArray(data6)) {
                                          let missing2;
                                          if (data6.minor === void 0 && (missing2 = "minor") || data6.reason === void 0 && (missing2 = "reason"))
                                            return validate104.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/writeDown", schemaPath: "#/properties/entries/items/properties/writeDown/required", keyword: "required", params: { missingProperty: missing2 }, message: "must have required property '" + missing2 + "'" }], !1;
                                          {
                                            let _errs17 = errors;
                                            for (let key2 in data6)
                                              if (!(key2 === "minor" || key2 === "reason")) {
                                                return validate104.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/writeDown", schemaPath: "#/properties/entries/items/properties/writeDown/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key2 }, message: "must NOT have additional properties" }], !1;
                                                break;
                                              }
                                            if (_errs17 === errors) {
                                              if (data6.minor !== void 0) {
                                                let data7 = data6.minor, _errs18 = errors;
                                                if (!(typeof data7 == "number" && !(data7 % 1) && !isNaN(data7) && isFinite(data7)))
                                                  return validate104.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/writeDown/minor", schemaPath: "#/properties/entries/items/properties/writeDown/properties/minor/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                                if (errors === _errs18 && typeof data7 == "number" && isFinite(data7)) {
                                                  if (data7 > 9e9 || isNaN(data7))
                                                    return validate104.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/writeDown/minor", schemaPath: "#/properties/entries/items/properties/writeDown/properties/minor/maximum", keyword: "maximum", params: { comparison: "<=", limit: 9e9 }, message: "must be <= 9000000000" }], !1;
                                                  if (data7 < 1 || isNaN(data7))
                                                    return validate104.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/writeDown/minor", schemaPath: "#/properties/entries/items/properties/writeDown/properties/minor/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                                                }
                                                var valid3 = _errs18 === errors;
                                              } else
                                                var valid3 = !0;
                                              if (valid3)
                                                if (data6.reason !== void 0) {
                                                  let data8 = data6.reason, _errs20 = errors;
                                                  if (errors === _errs20)
                                                    if (typeof data8 == "string") {
                                                      if (func2(data8) > 500)
                                                        return validate104.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/writeDown/reason", schemaPath: "#/properties/entries/items/properties/writeDown/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                                                      if (func2(data8) < 1)
                                                        return validate104.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/writeDown/reason", schemaPath: "#/properties/entries/items/properties/writeDown/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                                      if (!pattern4.test(data8))
                                                        return validate104.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/writeDown/reason", schemaPath: "#/properties/entries/items/properties/writeDown/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                                    } else
                                                      return validate104.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/writeDown/reason", schemaPath: "#/properties/entries/items/properties/writeDown/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                                  var valid3 = _errs20 === errors;
                                                } else
                                                  var valid3 = !0;
                                            }
                                          }
                                        } else
                                          return validate104.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/writeDown", schemaPath: "#/properties/entries/items/properties/writeDown/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                                      var valid2 = _errs15 === errors;
                                    } else
                                      var valid2 = !0;
                                }
                              }
                            } else
                              return validate104.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                          var valid1 = _errs10 === errors;
                          if (!valid1)
                            break;
                        }
                      }
                    } else
                      return validate104.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
                if (valid0)
                  if (data.texts !== void 0) {
                    let data9 = data.texts, _errs22 = errors;
                    if (errors === _errs22)
                      if (Array.isArray(data9)) {
                        if (data9.length > 2e3)
                          return validate104.errors = [{ instancePath: instancePath + "/texts", schemaPath: "#/properties/texts/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
                        {
                          var valid4 = !0;
                          let len1 = data9.length;
                          for (let i1 = 0; i1 < len1; i1++) {
                            let data10 = data9[i1], _errs24 = errors;
                            if (errors === _errs24)
                              if (data10 && typeof data10 == "object" && !Array.isArray(data10)) {
                                let missing3;
                                if (data10.key === void 0 && (missing3 = "key") || data10.text === void 0 && (missing3 = "text"))
                                  return validate104.errors = [{ instancePath: instancePath + "/texts/" + i1, schemaPath: "#/properties/texts/items/required", keyword: "required", params: { missingProperty: missing3 }, message: "must have required property '" + missing3 + "'" }], !1;
                                {
                                  let _errs26 = errors;
                                  for (let key3 in data10)
                                    if (!(key3 === "key" || key3 === "text")) {
                                      return validate104.errors = [{ instancePath: instancePath + "/texts/" + i1, schemaPath: "#/properties/texts/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key3 }, message: "must NOT have additional properties" }], !1;
                                      break;
                                    }
                                  if (_errs26 === errors) {
                                    if (data10.key !== void 0) {
                                      let data11 = data10.key, _errs27 = errors;
                                      if (errors === _errs27)
                                        if (typeof data11 == "string") {
                                          if (func2(data11) > 400)
                                            return validate104.errors = [{ instancePath: instancePath + "/texts/" + i1 + "/key", schemaPath: "#/properties/texts/items/properties/key/maxLength", keyword: "maxLength", params: { limit: 400 }, message: "must NOT have more than 400 characters" }], !1;
                                        } else
                                          return validate104.errors = [{ instancePath: instancePath + "/texts/" + i1 + "/key", schemaPath: "#/properties/texts/items/properties/key/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                      var valid5 = _errs27 === errors;
                                    } else
                                      var valid5 = !0;
                                    if (valid5)
                                      if (data10.text !== void 0) {
                                        let data12 = data10.text, _errs29 = errors;
                                        if (errors === _errs29)
                                          if (typeof data12 == "string") {
                                            if (func2(data12) > 400)
                                              return validate104.errors = [{ instancePath: instancePath + "/texts/" + i1 + "/text", schemaPath: "#/properties/texts/items/properties/text/maxLength", keyword: "maxLength", params: { limit: 400 }, message: "must NOT have more than 400 characters" }], !1;
                                            if (func2(data12) < 1)
                                              return validate104.errors = [{ instancePath: instancePath + "/texts/" + i1 + "/text", schemaPath: "#/properties/texts/items/properties/text/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                          } else
                                            return validate104.errors = [{ instancePath: instancePath + "/texts/" + i1 + "/text", schemaPath: "#/properties/texts/items/properties/text/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                        var valid5 = _errs29 === errors;
                                      } else
                                        var valid5 = !0;
                                  }
                                }
                              } else
                                return validate104.errors = [{ instancePath: instancePath + "/texts/" + i1, schemaPath: "#/properties/texts/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                            var valid4 = _errs24 === errors;
                            if (!valid4)
                              break;
                          }
                        }
                      } else
                        return validate104.errors = [{ instancePath: instancePath + "/texts", schemaPath: "#/properties/texts/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                    var valid0 = _errs22 === errors;
                  } else
                    var valid0 = !0;
              }
            }
          }
        }
      }
    } else
      return validate104.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate104.errors = vErrors, errors === 0;
}
validate104.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var priceEntries = validate105;
function validate105(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate105.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.entries === void 0 && (missing0 = "entries") || data.rate === void 0 && (missing0 = "rate") || data.reason === void 0 && (missing0 = "reason"))
        return validate105.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "entries" || key0 === "rate" || key0 === "reason")) {
            return validate105.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.entries !== void 0) {
            let data0 = data.entries, _errs2 = errors;
            if (errors === _errs2)
              if (Array.isArray(data0)) {
                if (data0.length > 2e3)
                  return validate105.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
                if (data0.length < 1)
                  return validate105.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
                {
                  var valid1 = !0;
                  let len0 = data0.length;
                  for (let i0 = 0; i0 < len0; i0++) {
                    let data1 = data0[i0], _errs4 = errors;
                    if (errors === _errs4)
                      if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                        let missing1;
                        if (data1.id === void 0 && (missing1 = "id") || data1.version === void 0 && (missing1 = "version"))
                          return validate105.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                        {
                          let _errs6 = errors;
                          for (let key1 in data1)
                            if (!(key1 === "id" || key1 === "version")) {
                              return validate105.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                              break;
                            }
                          if (_errs6 === errors) {
                            if (data1.id !== void 0) {
                              let data2 = data1.id, _errs7 = errors;
                              if (errors === _errs7 && errors === _errs7)
                                if (typeof data2 == "string") {
                                  if (!formats4.test(data2))
                                    return validate105.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                } else
                                  return validate105.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid2 = _errs7 === errors;
                            } else
                              var valid2 = !0;
                            if (valid2)
                              if (data1.version !== void 0) {
                                let data3 = data1.version, _errs9 = errors;
                                if (!(typeof data3 == "number" && !(data3 % 1) && !isNaN(data3) && isFinite(data3)))
                                  return validate105.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                if (errors === _errs9 && typeof data3 == "number" && isFinite(data3)) {
                                  if (data3 > 2147483647 || isNaN(data3))
                                    return validate105.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2147483647 }, message: "must be <= 2147483647" }], !1;
                                  if (data3 < 1 || isNaN(data3))
                                    return validate105.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                                }
                                var valid2 = _errs9 === errors;
                              } else
                                var valid2 = !0;
                          }
                        }
                      } else
                        return validate105.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                    var valid1 = _errs4 === errors;
                    if (!valid1)
                      break;
                  }
                }
              } else
                return validate105.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.rate !== void 0) {
              let data4 = data.rate, _errs11 = errors, _errs12 = errors, valid3 = !1, _errs13 = errors;
              if (!(typeof data4 == "number" && !(data4 % 1) && !isNaN(data4) && isFinite(data4))) {
                let err0 = { instancePath: instancePath + "/rate", schemaPath: "#/properties/rate/anyOf/0/type", keyword: "type", params: { type: "integer" }, message: "must be integer" };
                vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
              }
              if (errors === _errs13 && typeof data4 == "number" && isFinite(data4)) {
                if (data4 > 1e9 || isNaN(data4)) {
                  let err1 = { instancePath: instancePath + "/rate", schemaPath: "#/properties/rate/anyOf/0/maximum", keyword: "maximum", params: { comparison: "<=", limit: 1e9 }, message: "must be <= 1000000000" };
                  vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                } else if (data4 < 0 || isNaN(data4)) {
                  let err2 = { instancePath: instancePath + "/rate", schemaPath: "#/properties/rate/anyOf/0/minimum", keyword: "minimum", params: { comparison: ">=", limit: 0 }, message: "must be >= 0" };
                  vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                }
              }
              var _valid0 = _errs13 === errors;
              valid3 = valid3 || _valid0;
              let _errs15 = errors;
              if (data4 !== null) {
                let err3 = { instancePath: instancePath + "/rate", schemaPath: "#/properties/rate/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++;
              }
              var _valid0 = _errs15 === errors;
              if (valid3 = valid3 || _valid0, valid3)
                errors = _errs12, vErrors !== null && (_errs12 ? vErrors.length = _errs12 : vErrors = null);
              else {
                let err4 = { instancePath: instancePath + "/rate", schemaPath: "#/properties/rate/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                return vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++, validate105.errors = vErrors, !1;
              }
              var valid0 = _errs11 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.reason !== void 0) {
                let data5 = data.reason, _errs17 = errors;
                if (errors === _errs17)
                  if (typeof data5 == "string") {
                    if (func2(data5) > 500)
                      return validate105.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                    if (func2(data5) < 1)
                      return validate105.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                    if (!pattern4.test(data5))
                      return validate105.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                  } else
                    return validate105.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs17 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate105.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate105.errors = vErrors, errors === 0;
}
validate105.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var priceEntry = validate106;
function validate106(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate106.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.rate === void 0 && (missing0 = "rate") || data.reason === void 0 && (missing0 = "reason"))
        return validate106.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "rate" || key0 === "reason")) {
            return validate106.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.rate !== void 0) {
            let data0 = data.rate, _errs2 = errors, _errs3 = errors, valid1 = !1, _errs4 = errors;
            if (!(typeof data0 == "number" && !(data0 % 1) && !isNaN(data0) && isFinite(data0))) {
              let err0 = { instancePath: instancePath + "/rate", schemaPath: "#/properties/rate/anyOf/0/type", keyword: "type", params: { type: "integer" }, message: "must be integer" };
              vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
            }
            if (errors === _errs4 && typeof data0 == "number" && isFinite(data0)) {
              if (data0 > 1e9 || isNaN(data0)) {
                let err1 = { instancePath: instancePath + "/rate", schemaPath: "#/properties/rate/anyOf/0/maximum", keyword: "maximum", params: { comparison: "<=", limit: 1e9 }, message: "must be <= 1000000000" };
                vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
              } else if (data0 < 0 || isNaN(data0)) {
                let err2 = { instancePath: instancePath + "/rate", schemaPath: "#/properties/rate/anyOf/0/minimum", keyword: "minimum", params: { comparison: ">=", limit: 0 }, message: "must be >= 0" };
                vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
              }
            }
            var _valid0 = _errs4 === errors;
            valid1 = valid1 || _valid0;
            let _errs6 = errors;
            if (data0 !== null) {
              let err3 = { instancePath: instancePath + "/rate", schemaPath: "#/properties/rate/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
              vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++;
            }
            var _valid0 = _errs6 === errors;
            if (valid1 = valid1 || _valid0, valid1)
              errors = _errs3, vErrors !== null && (_errs3 ? vErrors.length = _errs3 : vErrors = null);
            else {
              let err4 = { instancePath: instancePath + "/rate", schemaPath: "#/properties/rate/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
              return vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++, validate106.errors = vErrors, !1;
            }
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.reason !== void 0) {
              let data1 = data.reason, _errs8 = errors;
              if (errors === _errs8)
                if (typeof data1 == "string") {
                  if (func2(data1) > 500)
                    return validate106.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                  if (func2(data1) < 1)
                    return validate106.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate106.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate106.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs8 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate106.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate106.errors = vErrors, errors === 0;
}
validate106.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var recordPayment = validate107;
function validate107(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate107.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.invoiceId === void 0 && (missing0 = "invoiceId") || data.minor === void 0 && (missing0 = "minor") || data.receivedOn === void 0 && (missing0 = "receivedOn") || data.reference === void 0 && (missing0 = "reference"))
        return validate107.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "invoiceId" || key0 === "minor" || key0 === "receivedOn" || key0 === "reference")) {
            return validate107.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate107.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate107.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.invoiceId !== void 0) {
              let data1 = data.invoiceId, _errs4 = errors;
              if (errors === _errs4 && errors === _errs4)
                if (typeof data1 == "string") {
                  if (!formats4.test(data1))
                    return validate107.errors = [{ instancePath: instancePath + "/invoiceId", schemaPath: "#/properties/invoiceId/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                } else
                  return validate107.errors = [{ instancePath: instancePath + "/invoiceId", schemaPath: "#/properties/invoiceId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.minor !== void 0) {
                let data2 = data.minor, _errs6 = errors;
                if (!(typeof data2 == "number" && !(data2 % 1) && !isNaN(data2) && isFinite(data2)))
                  return validate107.errors = [{ instancePath: instancePath + "/minor", schemaPath: "#/properties/minor/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                if (errors === _errs6 && typeof data2 == "number" && isFinite(data2)) {
                  if (data2 > 9e9 || isNaN(data2))
                    return validate107.errors = [{ instancePath: instancePath + "/minor", schemaPath: "#/properties/minor/maximum", keyword: "maximum", params: { comparison: "<=", limit: 9e9 }, message: "must be <= 9000000000" }], !1;
                  if (data2 < -9e9 || isNaN(data2))
                    return validate107.errors = [{ instancePath: instancePath + "/minor", schemaPath: "#/properties/minor/minimum", keyword: "minimum", params: { comparison: ">=", limit: -9e9 }, message: "must be >= -9000000000" }], !1;
                }
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.receivedOn !== void 0) {
                  let data3 = data.receivedOn, _errs8 = errors;
                  if (errors === _errs8 && errors === _errs8)
                    if (typeof data3 == "string") {
                      if (!formats0.test(data3))
                        return validate107.errors = [{ instancePath: instancePath + "/receivedOn", schemaPath: "#/properties/receivedOn/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' }], !1;
                    } else
                      return validate107.errors = [{ instancePath: instancePath + "/receivedOn", schemaPath: "#/properties/receivedOn/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
                if (valid0)
                  if (data.reference !== void 0) {
                    let data4 = data.reference, _errs10 = errors;
                    if (errors === _errs10)
                      if (typeof data4 == "string") {
                        if (func2(data4) > 200)
                          return validate107.errors = [{ instancePath: instancePath + "/reference", schemaPath: "#/properties/reference/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                      } else
                        return validate107.errors = [{ instancePath: instancePath + "/reference", schemaPath: "#/properties/reference/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                    var valid0 = _errs10 === errors;
                  } else
                    var valid0 = !0;
              }
            }
          }
        }
      }
    } else
      return validate107.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate107.errors = vErrors, errors === 0;
}
validate107.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var reinstateEntries = validate108;
function validate108(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate108.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.entries === void 0 && (missing0 = "entries"))
        return validate108.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "entries") {
            return validate108.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.entries !== void 0) {
          let data0 = data.entries;
          if (errors === errors)
            if (Array.isArray(data0)) {
              if (data0.length > 2e3)
                return validate108.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
              if (data0.length < 1)
                return validate108.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
              {
                var valid1 = !0;
                let len0 = data0.length;
                for (let i0 = 0; i0 < len0; i0++) {
                  let data1 = data0[i0], _errs4 = errors;
                  if (errors === _errs4)
                    if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                      let missing1;
                      if (data1.id === void 0 && (missing1 = "id") || data1.version === void 0 && (missing1 = "version"))
                        return validate108.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                      {
                        let _errs6 = errors;
                        for (let key1 in data1)
                          if (!(key1 === "id" || key1 === "version")) {
                            return validate108.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                            break;
                          }
                        if (_errs6 === errors) {
                          if (data1.id !== void 0) {
                            let data2 = data1.id, _errs7 = errors;
                            if (errors === _errs7 && errors === _errs7)
                              if (typeof data2 == "string") {
                                if (!formats4.test(data2))
                                  return validate108.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                              } else
                                return validate108.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                            var valid2 = _errs7 === errors;
                          } else
                            var valid2 = !0;
                          if (valid2)
                            if (data1.version !== void 0) {
                              let data3 = data1.version, _errs9 = errors;
                              if (!(typeof data3 == "number" && !(data3 % 1) && !isNaN(data3) && isFinite(data3)))
                                return validate108.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                              if (errors === _errs9 && typeof data3 == "number" && isFinite(data3)) {
                                if (data3 > 2147483647 || isNaN(data3))
                                  return validate108.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2147483647 }, message: "must be <= 2147483647" }], !1;
                                if (data3 < 1 || isNaN(data3))
                                  return validate108.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                              }
                              var valid2 = _errs9 === errors;
                            } else
                              var valid2 = !0;
                        }
                      }
                    } else
                      return validate108.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                  var valid1 = _errs4 === errors;
                  if (!valid1)
                    break;
                }
              }
            } else
              return validate108.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
        }
      }
    } else
      return validate108.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate108.errors = vErrors, errors === 0;
}
validate108.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var releaseEntries = validate109;
function validate109(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate109.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.entries === void 0 && (missing0 = "entries"))
        return validate109.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "entries") {
            return validate109.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.entries !== void 0) {
          let data0 = data.entries;
          if (errors === errors)
            if (Array.isArray(data0)) {
              if (data0.length > 2e3)
                return validate109.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
              if (data0.length < 1)
                return validate109.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
              {
                var valid1 = !0;
                let len0 = data0.length;
                for (let i0 = 0; i0 < len0; i0++) {
                  let data1 = data0[i0], _errs4 = errors;
                  if (errors === _errs4)
                    if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                      let missing1;
                      if (data1.id === void 0 && (missing1 = "id") || data1.version === void 0 && (missing1 = "version"))
                        return validate109.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                      {
                        let _errs6 = errors;
                        for (let key1 in data1)
                          if (!(key1 === "id" || key1 === "version")) {
                            return validate109.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                            break;
                          }
                        if (_errs6 === errors) {
                          if (data1.id !== void 0) {
                            let data2 = data1.id, _errs7 = errors;
                            if (errors === _errs7 && errors === _errs7)
                              if (typeof data2 == "string") {
                                if (!formats4.test(data2))
                                  return validate109.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                              } else
                                return validate109.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                            var valid2 = _errs7 === errors;
                          } else
                            var valid2 = !0;
                          if (valid2)
                            if (data1.version !== void 0) {
                              let data3 = data1.version, _errs9 = errors;
                              if (!(typeof data3 == "number" && !(data3 % 1) && !isNaN(data3) && isFinite(data3)))
                                return validate109.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                              if (errors === _errs9 && typeof data3 == "number" && isFinite(data3)) {
                                if (data3 > 2147483647 || isNaN(data3))
                                  return validate109.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2147483647 }, message: "must be <= 2147483647" }], !1;
                                if (data3 < 1 || isNaN(data3))
                                  return validate109.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                              }
                              var valid2 = _errs9 === errors;
                            } else
                              var valid2 = !0;
                        }
                      }
                    } else
                      return validate109.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                  var valid1 = _errs4 === errors;
                  if (!valid1)
                    break;
                }
              }
            } else
              return validate109.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
        }
      }
    } else
      return validate109.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate109.errors = vErrors, errors === 0;
}
validate109.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var releaseOverLimit = validate110;
function validate110(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate110.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.minor === void 0 && (missing0 = "minor") || data.note === void 0 && (missing0 = "note"))
        return validate110.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "minor" || key0 === "note")) {
            return validate110.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate110.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate110.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.minor !== void 0) {
              let data1 = data.minor, _errs4 = errors;
              if (!(typeof data1 == "number" && !(data1 % 1) && !isNaN(data1) && isFinite(data1)))
                return validate110.errors = [{ instancePath: instancePath + "/minor", schemaPath: "#/properties/minor/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
              if (errors === _errs4 && typeof data1 == "number" && isFinite(data1)) {
                if (data1 > 9e9 || isNaN(data1))
                  return validate110.errors = [{ instancePath: instancePath + "/minor", schemaPath: "#/properties/minor/maximum", keyword: "maximum", params: { comparison: "<=", limit: 9e9 }, message: "must be <= 9000000000" }], !1;
                if (data1 < 1 || isNaN(data1))
                  return validate110.errors = [{ instancePath: instancePath + "/minor", schemaPath: "#/properties/minor/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
              }
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.note !== void 0) {
                let data2 = data.note, _errs6 = errors;
                if (errors === _errs6)
                  if (typeof data2 == "string") {
                    if (func2(data2) > 2e3)
                      return validate110.errors = [{ instancePath: instancePath + "/note", schemaPath: "#/properties/note/maxLength", keyword: "maxLength", params: { limit: 2e3 }, message: "must NOT have more than 2000 characters" }], !1;
                  } else
                    return validate110.errors = [{ instancePath: instancePath + "/note", schemaPath: "#/properties/note/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate110.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate110.errors = vErrors, errors === 0;
}
validate110.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var reversePayment = validate111;
function validate111(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate111.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.reason === void 0 && (missing0 = "reason"))
        return validate111.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "reason") {
            return validate111.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.reason !== void 0) {
          let data0 = data.reason;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func2(data0) > 500)
                return validate111.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
              if (func2(data0) < 1)
                return validate111.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
              if (!pattern4.test(data0))
                return validate111.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
            } else
              return validate111.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate111.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate111.errors = vErrors, errors === 0;
}
validate111.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var voidInvoice = validate112;
function validate112(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate112.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.reason === void 0 && (missing0 = "reason"))
        return validate112.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "reason") {
            return validate112.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.reason !== void 0) {
          let data0 = data.reason;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func2(data0) > 500)
                return validate112.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
              if (func2(data0) < 1)
                return validate112.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
              if (!pattern4.test(data0))
                return validate112.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
            } else
              return validate112.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate112.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate112.errors = vErrors, errors === 0;
}
validate112.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var writeDownOverLimit = validate113;
function validate113(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate113.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.minor === void 0 && (missing0 = "minor") || data.reason === void 0 && (missing0 = "reason"))
        return validate113.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "minor" || key0 === "reason")) {
            return validate113.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.minor !== void 0) {
            let data0 = data.minor, _errs2 = errors;
            if (!(typeof data0 == "number" && !(data0 % 1) && !isNaN(data0) && isFinite(data0)))
              return validate113.errors = [{ instancePath: instancePath + "/minor", schemaPath: "#/properties/minor/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
            if (errors === _errs2 && typeof data0 == "number" && isFinite(data0)) {
              if (data0 > 9e9 || isNaN(data0))
                return validate113.errors = [{ instancePath: instancePath + "/minor", schemaPath: "#/properties/minor/maximum", keyword: "maximum", params: { comparison: "<=", limit: 9e9 }, message: "must be <= 9000000000" }], !1;
              if (data0 < 1 || isNaN(data0))
                return validate113.errors = [{ instancePath: instancePath + "/minor", schemaPath: "#/properties/minor/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
            }
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.reason !== void 0) {
              let data1 = data.reason, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 500)
                    return validate113.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                  if (func2(data1) < 1)
                    return validate113.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate113.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate113.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate113.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate113.errors = vErrors, errors === 0;
}
validate113.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var writeOffEntries = validate114;
function validate114(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate114.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.entries === void 0 && (missing0 = "entries") || data.reason === void 0 && (missing0 = "reason"))
        return validate114.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "entries" || key0 === "reason")) {
            return validate114.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.entries !== void 0) {
            let data0 = data.entries, _errs2 = errors;
            if (errors === _errs2)
              if (Array.isArray(data0)) {
                if (data0.length > 2e3)
                  return validate114.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
                if (data0.length < 1)
                  return validate114.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
                {
                  var valid1 = !0;
                  let len0 = data0.length;
                  for (let i0 = 0; i0 < len0; i0++) {
                    let data1 = data0[i0], _errs4 = errors;
                    if (errors === _errs4)
                      if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                        let missing1;
                        if (data1.id === void 0 && (missing1 = "id") || data1.version === void 0 && (missing1 = "version"))
                          return validate114.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                        {
                          let _errs6 = errors;
                          for (let key1 in data1)
                            if (!(key1 === "id" || key1 === "version")) {
                              return validate114.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                              break;
                            }
                          if (_errs6 === errors) {
                            if (data1.id !== void 0) {
                              let data2 = data1.id, _errs7 = errors;
                              if (errors === _errs7 && errors === _errs7)
                                if (typeof data2 == "string") {
                                  if (!formats4.test(data2))
                                    return validate114.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                } else
                                  return validate114.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid2 = _errs7 === errors;
                            } else
                              var valid2 = !0;
                            if (valid2)
                              if (data1.version !== void 0) {
                                let data3 = data1.version, _errs9 = errors;
                                if (!(typeof data3 == "number" && !(data3 % 1) && !isNaN(data3) && isFinite(data3)))
                                  return validate114.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                if (errors === _errs9 && typeof data3 == "number" && isFinite(data3)) {
                                  if (data3 > 2147483647 || isNaN(data3))
                                    return validate114.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2147483647 }, message: "must be <= 2147483647" }], !1;
                                  if (data3 < 1 || isNaN(data3))
                                    return validate114.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                                }
                                var valid2 = _errs9 === errors;
                              } else
                                var valid2 = !0;
                          }
                        }
                      } else
                        return validate114.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                    var valid1 = _errs4 === errors;
                    if (!valid1)
                      break;
                  }
                }
              } else
                return validate114.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.reason !== void 0) {
              let data4 = data.reason, _errs11 = errors;
              if (errors === _errs11)
                if (typeof data4 == "string") {
                  if (func2(data4) > 500)
                    return validate114.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                  if (func2(data4) < 1)
                    return validate114.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data4))
                    return validate114.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate114.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs11 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate114.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate114.errors = vErrors, errors === 0;
}
validate114.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
export {
  changeAgreement,
  changeTerms,
  copyProject,
  createDraft,
  creditInvoice,
  holdEntries,
  issueInvoice,
  issueNewInvoice,
  previewInvoice,
  priceEntries,
  priceEntry,
  recordPayment,
  reinstateEntries,
  releaseEntries,
  releaseOverLimit,
  reversePayment,
  voidInvoice,
  writeDownOverLimit,
  writeOffEntries
};
